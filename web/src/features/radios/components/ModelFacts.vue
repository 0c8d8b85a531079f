<script setup lang="ts">
import SheetTable from '@/shared/ui/SheetTable.vue'
import type { Model } from '../composables/useShelf'

/** What a model can hold, and what of the radio itself is to be looked after. */
defineProps<{ model: Model; radios: string[] }>()
</script>

<template>
  <section class="stack">
    <h2 class="title">{{ model.title }}</h2>
    <p class="quiet">
      {{ model.ships ? 'Ships with the program.' : 'Your own.' }} A {{ model.kind }},
      {{
        { cable: 'loaded by cable.', card: 'loaded by a memory card.', keys: 'keyed in by hand.' }[model.way]
      }}
      {{ radios.length ? `Your radios of it: ${radios.join(', ')}.` : '' }}
    </p>
    <dl class="facts">
      <template v-for="fact in model.facts" :key="fact.name">
        <dt>{{ fact.name }}</dt>
        <dd>{{ fact.words }}</dd>
      </template>
    </dl>
  </section>
  <section v-if="model.settings.length" class="stack">
    <h2>Settings of the radio itself</h2>
    <SheetTable label="Settings, and what is advised">
      <thead>
        <tr>
          <th scope="col">Setting</th>
          <th scope="col">Advised</th>
          <th scope="col" class="roomy">Why</th>
          <th scope="col" class="roomy">On the radio</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="each in model.settings" :key="each.name">
          <th scope="row">{{ each.name }}</th>
          <td class="mono">{{ each.advised }}</td>
          <td class="roomy">{{ each.why }}</td>
          <td class="roomy">{{ each.panel || 'by cable or card only' }}</td>
        </tr>
      </tbody>
    </SheetTable>
  </section>
</template>

<style scoped>
.title {
  font-size: 18px;
  color: var(--ink);
}
.facts {
  --facts: 140px;
}
@media (max-width: 720px) {
  .roomy {
    display: none;
  }
}
</style>
