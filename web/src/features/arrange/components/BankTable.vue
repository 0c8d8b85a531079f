<script setup lang="ts">
import { mdiDotsVertical } from '@mdi/js'
import { computed } from 'vue'
import type { Edit, ListView, Schemas } from '@/shared/api/client'
import LazyField from '@/shared/ui/LazyField.vue'
import SheetTable from '@/shared/ui/SheetTable.vue'

/** The banks of a list: called, ruled, moved and removed; and the number that each has on each radio. */
type Bank = Schemas['BankView']
const props = defineProps<{ list: ListView }>()
const emit = defineEmits<{ change: [edit: Edit]; rule: [bank: string] }>()
const banks = computed(() => props.list.banks.banks)
const radios = computed(() => props.list.banks.radios.filter((each) => each.banks > 0))

function call(bank: Bank, name: string) {
  const next = name.trim()
  if (next && next !== bank.name) emit('change', { kind: 'rename-bank', bank: bank.name, name: next })
}
/** What of a bank is on a radio: its number there, and how many of its channels are missing. */
function onRadio(radio: Schemas['RadioBanksView'], bank: Bank) {
  const fit = radio.fits.find((each) => each.bank === bank.name)
  if (!fit || fit.number === null) return '—'
  return fit.missing ? `${fit.number}, less ${fit.missing}` : String(fit.number)
}
function acts(bank: Bank, number: number) {
  const here = { bank: bank.name }
  return [
    number > 1 && {
      title: `Number ${number - 1} instead`,
      edit: { kind: 'move-bank' as const, ...here, number: number - 1 },
    },
    number < banks.value.length && {
      title: `Number ${number + 1} instead`,
      edit: { kind: 'move-bank' as const, ...here, number: number + 1 },
    },
    bank.byHand.length > 0 && {
      title: 'Empty it of what was put there',
      edit: { kind: 'fill-bank' as const, ...here, channels: bank.byHand, inside: false },
    },
    { title: 'Remove it, its channels stay', edit: { kind: 'remove-bank' as const, ...here } },
  ].filter((each) => !!each)
}
</script>

<template>
  <SheetTable class="banks" label="Banks of the list">
    <thead>
      <tr>
        <th scope="col" class="figure">No.</th>
        <th scope="col">Name</th>
        <th scope="col">In it by itself</th>
        <th scope="col" class="figure">Channels</th>
        <th v-for="radio in radios" :key="radio.radioId" scope="col" class="figure">{{ radio.radio }}</th>
        <th scope="col"><span class="unseen">What to do</span></th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="(bank, i) in banks" :key="bank.name" class="middle">
        <td class="figure">{{ i + 1 }}</td>
        <td class="name">
          <LazyField
            :model-value="bank.name"
            :aria-label="`Name of bank ${bank.name}`"
            maxlength="60"
            @update:model-value="(name) => call(bank, String(name))"
          />
        </td>
        <td>
          <button
            type="button"
            class="link"
            :aria-label="`What is in bank ${bank.name} by itself`"
            @click="emit('rule', bank.name)"
          >
            {{ bank.said ?? 'what is put there' }}
          </button>
        </td>
        <td class="figure">{{ bank.channels.length }}</td>
        <td v-for="radio in radios" :key="radio.radioId" class="figure">{{ onRadio(radio, bank) }}</td>
        <td class="end">
          <v-menu>
            <template #activator="{ props: opens }">
              <v-btn
                v-bind="opens"
                :icon="mdiDotsVertical"
                size="small"
                variant="text"
                :aria-label="`What to do with bank ${bank.name}`"
              />
            </template>
            <v-list density="compact">
              <v-list-item
                v-for="each in acts(bank, i + 1)"
                :key="each.title"
                :title="each.title"
                @click="emit('change', each.edit)"
              />
            </v-list>
          </v-menu>
        </td>
      </tr>
    </tbody>
  </SheetTable>
</template>

<style scoped>
.banks :deep(.v-table__wrapper) {
  max-height: 34vh;
}
.name {
  width: 40%;
  min-width: 170px;
}
</style>
