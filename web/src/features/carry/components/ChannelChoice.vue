<script setup lang="ts">
import { computed } from 'vue'
import type { ListView } from '@/shared/api/client'
import { counted } from '@/shared/words'

/** Which channels of a list; none chosen means all of them. */
const props = defineProps<{ list: ListView }>()
const chosen = defineModel<string[]>({ required: true })
const blocks = computed(() => {
  const all = new Map<string, ListView['rows']>()
  for (const row of props.list.rows) {
    const block = props.list.blocks.find((each) => each.firstSlot <= row.slot && row.slot <= each.lastSlot)
    const name = block?.name ?? 'In no block'
    all.set(name, [...(all.get(name) ?? []), row])
  }
  return [...all]
})
const has = (ids: string[]) => ids.every((each) => chosen.value.includes(each))
function set(ids: string[], on: boolean) {
  const rest = chosen.value.filter((each) => !ids.includes(each))
  const next = on ? [...rest, ...ids] : rest
  chosen.value = props.list.rows.map((each) => each.id).filter((each) => next.includes(each))
}
</script>

<template>
  <details class="choice">
    <summary>
      {{ chosen.length ? `${counted(chosen.length, 'channel')} of ${list.rows.length}` : 'All channels' }}
    </summary>
    <v-btn size="small" :disabled="!chosen.length" @click="chosen = []">All of them</v-btn>
    <fieldset v-for="[name, rows] in blocks" :key="name">
      <legend>
        <label>
          <input
            type="checkbox"
            :checked="has(rows.map((each) => each.id))"
            @change="
              (event) =>
                set(
                  rows.map((each) => each.id),
                  (event.target as HTMLInputElement).checked,
                )
            "
          />
          <b>{{ name }}</b>
        </label>
      </legend>
      <label v-for="row in rows" :key="row.id">
        <input
          type="checkbox"
          :checked="chosen.includes(row.id)"
          @change="(event) => set([row.id], (event.target as HTMLInputElement).checked)"
        />
        <span class="mono">{{ row.slot }}</span> {{ row.name || row.sum.listen }}
      </label>
    </fieldset>
  </details>
</template>

<style scoped>
.choice summary {
  cursor: pointer;
  padding: 6px 0;
  font-weight: 600;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 4px 0;
}
label {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 28px;
}
input {
  width: 18px;
  height: 18px;
  accent-color: var(--accent);
}
</style>
