<script setup lang="ts">
import { computed, defineAsyncComponent, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { useNotice } from '@/shared/composables/useNotice'
import { useArrivedText } from '@/shared/composables/usePastedText'
import PageBar from '@/shared/ui/PageBar.vue'
import { useAsked } from '@/shared/ui/useAsked'
import { counted } from '@/shared/words'
import BinTable from './components/BinTable.vue'
import ListTable from './components/ListTable.vue'
import { readListFile } from './composables/listFile'
import { useAllLists, type ListSummary } from './composables/useAllLists'

const NewListDialog = defineAsyncComponent(() => import('@/shared/list/NewListDialog.vue'))
const NameDialog = defineAsyncComponent(() => import('./components/NameDialog.vue'))

const { rows, binned, openId, choose, error, copy, rename, take, bin, bringBack } = useAllLists()
const router = useRouter()
function open(list: ListSummary) {
  choose(list.id)
  void router.push({ name: 'arrange' })
}

const picker = ref<HTMLInputElement | null>(null)
const { tellProblem } = useNotice()
const arrived = useArrivedText()
/** A table that becomes a new list, once that list has a name and a band plan. */
const table = ref<{ text: string; name: string } | null>(null)
async function read() {
  const file = picker.value?.files?.[0]
  if (!file) return
  try {
    const found = await readListFile(file)
    if (found.kind === 'refused') throw new Error(found.reason)
    if (found.kind === 'table') {
      table.value = found
      making.value = true
      return
    }
    const made = await take(found.text, file.name)
    if (made) choose(made)
  } catch (cause) {
    tellProblem(cause)
  } finally {
    // The same file can be chosen again.
    if (picker.value) picker.value.value = ''
  }
}
function made(id: string) {
  choose(id)
  const from = table.value
  table.value = null
  if (!from) return
  arrived.value = from.text
  void router.push({ name: 'review' })
}

const naming = ref<{ list: ListSummary; copies: boolean } | null>(null)
const isNaming = computed({
  get: () => naming.value !== null,
  set: (now: boolean) => {
    if (!now) naming.value = null
  },
})
const asked = useAsked(isNaming)
const making = ref(false)
const askedNew = useAsked(making)
watch(making, (now) => {
  if (!now) table.value = null
})
const done = async (name: string) => {
  const now = naming.value
  return now !== null && (now.copies ? copy(now.list, name) : rename(now.list, name))
}
</script>

<template>
  <PageBar title="Lists">
    <span class="quiet">{{ counted(rows.length, 'list') }}, the one used last first</span>
    <template #acts>
      <v-btn title="Tables of other forms, by recipes; both ways" :to="{ name: 'export' }"
        >Table recipes</v-btn
      >
      <v-btn title="All lists, radios, snapshots and the directory as one file" :to="{ name: 'about' }"
        >Back up</v-btn
      >
      <v-btn title="A list exported as JSON, or a table: CSV, HTML, JSON" @click="picker?.click()"
        >From a file</v-btn
      >
      <input
        ref="picker"
        class="unseen"
        type="file"
        accept=".json,.csv,.tsv,.txt,.htm,.html,application/json,text/csv,text/html,text/plain"
        aria-label="File with a list"
        tabindex="-1"
        @change="read"
      />
      <v-btn color="primary" variant="flat" @click="making = true">New list</v-btn>
    </template>
  </PageBar>
  <div class="pad stack">
    <p v-if="error" role="alert" class="wrong">{{ error.message }}</p>
    <ListTable
      :rows="rows"
      :open-id="openId"
      @open="open"
      @rename="(list) => (naming = { list, copies: false })"
      @copy="(list) => (naming = { list, copies: true })"
      @bin="bin"
    />
    <p v-if="!rows.length" class="quiet">
      There is no list. “New list” makes one; what was deleted lies in the bin below for 30 days.
    </p>
    <BinTable v-if="binned?.length" :binned="binned" @bring-back="bringBack" />
  </div>
  <NewListDialog v-if="askedNew" v-model="making" :suggested="table?.name ?? ''" @made="made" />
  <NameDialog
    v-if="asked"
    v-model="isNaming"
    :title="naming?.copies ? `Copy ${naming.list.name}` : `Rename ${naming?.list.name ?? ''}`"
    :act="naming?.copies ? 'Make the copy' : 'Rename'"
    :first="naming?.copies ? `${naming.list.name} copy`.slice(0, 60) : (naming?.list.name ?? '')"
    :done="done"
  />
</template>
