<script setup lang="ts">
import type { Entry } from '@/shared/api/client'

/** What the directory says, in its own words and what they mean. */
defineProps<{ entry: Entry }>()
</script>

<template>
  <section>
    <h2>What the directory says</h2>
    <dl class="facts">
      <dt>State</dt>
      <dd>{{ entry.state.words }}: {{ entry.state.meaning }}</dd>
      <dt>Source</dt>
      <dd>{{ entry.source }}</dd>
      <dt>Confirmed</dt>
      <dd>
        {{ entry.confirmedOn ?? 'never with a date' }}
        <template v-if="entry.confirmedBy">by {{ entry.confirmedBy }}</template
        >, {{ entry.ageWords }}
      </dd>
      <template v-for="code in entry.codes" :key="code.words">
        <dt>{{ code.words }}</dt>
        <dd>{{ code.meaning }}</dd>
      </template>
      <dt>Kind</dt>
      <dd>
        {{ entry.mode }}<template v-if="entry.watts">, {{ entry.watts }} W</template>
      </dd>
      <template v-if="entry.antennaMetres || entry.groundMetres">
        <dt>Antenna</dt>
        <dd>
          <template v-if="entry.antennaMetres">{{ entry.antennaMetres }} m above the ground</template>
          <template v-if="entry.groundMetres !== null"> at {{ entry.groundMetres }} m</template>
        </dd>
      </template>
      <template v-if="entry.sponsor">
        <dt>Kept by</dt>
        <dd>{{ entry.sponsor }}</dd>
      </template>
      <template v-if="entry.notes">
        <dt>Notes</dt>
        <dd>{{ entry.notes }}</dd>
      </template>
    </dl>
  </section>
</template>
