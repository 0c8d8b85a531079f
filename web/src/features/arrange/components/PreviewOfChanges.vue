<script setup lang="ts">
import type { usePreview } from '../composables/usePreview'
import { counted } from '@/shared/words'

/** What channels would become by changes that are asked about. */
defineProps<{ preview: NonNullable<ReturnType<typeof usePreview>['preview']['value']> }>()
const SHOWN = 40
</script>

<template>
  <section role="status">
    <p>
      <b>{{ preview.said }}.</b>
      {{ preview.rewritten.length ? `${counted(preview.rewritten.length, 'line')} would change:` : '' }}
    </p>
    <ul v-if="preview.rewritten.length" class="bare mono small">
      <li v-for="each in preview.rewritten.slice(0, SHOWN)" :key="each.slot">
        {{ each.slot }} <span class="quiet">{{ each.before }}</span> → {{ each.after }}
      </li>
      <li v-if="preview.rewritten.length > SHOWN" class="quiet">
        and {{ preview.rewritten.length - SHOWN }} more
      </li>
    </ul>
    <p v-if="preview.moves.length">
      {{ counted(preview.moves.length, 'channel') }} would go to another slot, for blocks are kept in order.
    </p>
  </section>
</template>
