<script setup lang="ts">
import type { Schemas } from '@/shared/api/client'
import FitMark from '@/shared/components/FitMark.vue'
import SheetTable from '@/shared/ui/SheetTable.vue'
import { counted } from '@/shared/words'

/** What would be otherwise, before it is so. */
const props = defineProps<{ what: Schemas['FitIfView'] }>()
type Side = Schemas['SideView']
const MARKS = [
  ['exact', 'exact'],
  ['adapted', 'adapted'],
  ['byHand', 'by hand'],
  ['leftOut', 'left out'],
] as const
const where = (side: Side) =>
  side.place === null ? side.mark.replace('_', ' ') : `${side.mark.replace('_', ' ')}, slot ${side.place}`
const told = (change: Schemas['FitChangeView']) =>
  change.then.why.filter((each) => !change.now.why.includes(each))
const MOST = 200
const few = () => props.what.changes.slice(0, MOST)
</script>

<template>
  <section class="stack" aria-label="What changes" aria-live="polite">
    <p>
      <template v-for="[key, words] in MARKS" :key="key">
        <span class="total">
          {{ words }}
          <b>{{ what.now[key] }}</b>
          <template v-if="what.then[key] !== what.now[key]">
            → <b>{{ what.then[key] }}</b>
          </template>
        </span>
      </template>
    </p>
    <p v-if="!what.changes.length" class="quiet">Nothing changes for this list.</p>
    <SheetTable v-else label="Channels that change">
      <thead>
        <tr>
          <th scope="col">Channel</th>
          <th scope="col">Now</th>
          <th scope="col">Then</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="each in few()" :key="each.slot">
          <td>{{ each.label }}</td>
          <td><FitMark :mark="each.now.mark" /> {{ where(each.now) }}</td>
          <td>
            <FitMark :mark="each.then.mark" /> {{ where(each.then) }}
            <span v-for="why in told(each)" :key="why" class="quiet why">{{ why }}</span>
          </td>
        </tr>
      </tbody>
    </SheetTable>
    <p v-if="what.changes.length > MOST" class="quiet">
      And {{ counted(what.changes.length - MOST, 'channel') }} more.
    </p>
  </section>
</template>

<style scoped>
.total {
  margin-right: 16px;
  white-space: nowrap;
}
td:nth-child(2) {
  white-space: nowrap;
}
.why {
  display: block;
}
</style>
