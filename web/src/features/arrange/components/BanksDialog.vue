<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Edit, ListView, Schemas } from '@/shared/api/client'
import SeverityMark from '@/shared/components/SeverityMark.vue'
import { useCursor } from '@/shared/composables/useCursor'
import type { useListChanges } from '@/shared/list/useListChanges'
import FieldRow from '@/shared/ui/FieldRow.vue'
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import { counted } from '@/shared/words'
import BankGrid from './BankGrid.vue'
import BankRuleForm from './BankRuleForm.vue'
import BankTable from './BankTable.vue'

/** The banks of the list and what a scan stops at, with what each radio makes of them. */
const props = defineProps<{
  list: ListView
  cursor: number
  chosen: string[]
  changes: ReturnType<typeof useListChanges>
}>()
const open = defineModel<boolean>({ required: true })
const name = ref('')
const ruling = ref<string | null>(null)
const ruled = computed(() => props.list.banks.banks.find((each) => each.name === ruling.value))
watch(open, () => (ruling.value = null))
const place = useCursor()
/** Makes a change; the cursor of the rod stays where it was. */
async function make(edit: Edit) {
  if (props.changes.busy.value) return false
  const at = place.value
  const made = await props.changes.say(edit)
  place.value = at
  return made
}
async function add() {
  const bank = name.value.trim()
  if (!bank) return
  const made = await make({ kind: 'add-bank', bank, rule: null, channels: props.chosen })
  if (!made) return
  name.value = ''
  if (!props.chosen.length) ruling.value = bank
}
async function rule(it: Schemas['BankRuleView'] | null) {
  if (ruled.value && (await make({ kind: 'rule-bank', bank: ruled.value.name, rule: it })))
    ruling.value = null
}
const passing = computed(() => props.list.banks)
const pass = (skipListenOnly: boolean, skipOffAir: boolean) =>
  make({ kind: 'scan-by', skipListenOnly, skipOffAir })
const channels = computed(() => props.list.rows.map((each) => ({ value: each.id, title: each.label })))
/** Radios of one model say the same. */
const findings = computed(() => {
  const all = props.list.banks.radios.flatMap((each) => each.findings)
  return [...new Map(all.map((each) => [each.message, each])).values()]
})
</script>

<template>
  <SheetDialog v-model="open" title="Banks and scan" :width="1040" @submit="add">
    <div class="stack all">
      <p class="quiet">
        A bank is walked through by itself on radios that have banks. A channel may be in several; taking it
        out of one, or removing a bank, takes no channel out of the list. The first bank is bank 1 of a radio.
      </p>
      <BankTable
        v-if="list.banks.banks.length"
        :list="list"
        @change="make"
        @rule="(bank) => (ruling = bank)"
      />
      <p v-else>
        There is no bank yet. Make one for your area, say, and let “within 40 km of” a place fill it; or mark
        channels on the rod with the space bar first.
      </p>
      <BankRuleForm
        v-if="ruled"
        :key="ruled.name"
        :bank="ruled"
        :list="list"
        @set="rule"
        @leave="ruling = null"
      />
      <FieldRow v-else>
        <v-text-field v-model="name" class="grow" label="New bank" maxlength="60" data-first />
        <v-btn type="submit" color="primary" variant="flat" :disabled="!name.trim()">{{
          chosen.length ? `Add it with the ${counted(chosen.length, 'channel')} marked` : 'Add bank'
        }}</v-btn>
      </FieldRow>
      <FieldRow label="What a scan passes by">
        <v-checkbox
          label="Scans pass by listen-only channels"
          :model-value="passing.skipListenOnly"
          @update:model-value="(now: boolean | null) => pass(!!now, passing.skipOffAir)"
        />
        <v-checkbox
          label="and what is off the air"
          :model-value="passing.skipOffAir"
          @update:model-value="(now: boolean | null) => pass(passing.skipListenOnly, !!now)"
        />
        <v-select
          class="grow"
          label="A scan comes back again and again to"
          clearable
          :items="channels"
          :model-value="passing.priority"
          @update:model-value="
            (channel: string | null) => make({ kind: 'priority', channel: channel ?? null })
          "
        />
      </FieldRow>
      <BankGrid v-if="list.rows.length" :list="list" :cursor="cursor" @change="make" />
      <p class="small quiet">
        ↑ ↓ ← → to a cell, Space puts in or takes out; Alt with ↑ ↓ gives a channel another place in a bank it
        was put into.
      </p>
      <ul v-if="findings.length" class="found" aria-label="What the radios make of it">
        <li v-for="each in findings" :key="each.message">
          <SeverityMark :severity="each.severity" /> {{ each.message }}
          <span class="quiet">{{ each.why }}</span>
        </li>
      </ul>
    </div>
    <template #acts>
      <v-btn :disabled="!list.undo" @click="changes.undo()">Undo</v-btn>
      <v-btn @click="open = false">Close</v-btn>
    </template>
  </SheetDialog>
</template>

<style scoped>
/* Nothing shrinks; what has no room is scrolled to. */
.all {
  grid-auto-rows: max-content;
  gap: 12px;
}
.found {
  list-style: none;
  padding: 0;
  margin: 0;
  display: grid;
  gap: 4px;
}
</style>
