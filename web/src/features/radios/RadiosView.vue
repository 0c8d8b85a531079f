<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue'
import type { Radio } from '@/shared/api/client'
import { useKeys } from '@/shared/keys/useKeys'
import PageBar from '@/shared/ui/PageBar.vue'
import SheetTable from '@/shared/ui/SheetTable.vue'
import { useAsked } from '@/shared/ui/useAsked'
import { counted, moment } from '@/shared/words'
import RadioTable from './components/RadioTable.vue'
import { useShelf, type Known, type Line } from './composables/useShelf'

const RadioDialog = defineAsyncComponent(() => import('./components/RadioDialog.vue'))
const DeleteRadioDialog = defineAsyncComponent(() => import('./components/DeleteRadioDialog.vue'))
const LendDialog = defineAsyncComponent(() => import('./components/LendDialog.vue'))

const { radios, retired, error, add, change, lend, getBack, retire, takeUp, remove } = useShelf()
const editing = ref<Radio | null>(null)
const isEditing = ref(false)
const askedEdit = useAsked(isEditing)
function edit(radio: Radio | null) {
  editing.value = radio
  isEditing.value = true
}
const done = (model: string, known: Known, line: Line) =>
  editing.value ? change(editing.value, known, line) : add(model, known, line)

const lendingId = ref('')
const isLending = ref(false)
const askedLend = useAsked(isLending)
// The radio as it is now: after it is lent the dialog speaks of its return.
const lending = computed(() => radios.value?.find((each) => each.id === lendingId.value))

const deleting = ref<Radio | null>(null)
const isDeleting = ref(false)
const askedDelete = useAsked(isDeleting)
function askDelete(radio: Radio) {
  deleting.value = radio
  isDeleting.value = true
}

const work = ref<HTMLElement | null>(null)
useKeys({
  title: 'Radios',
  focus: () => work.value?.focus(),
  keys: [{ on: ['a'], shown: 'a', does: 'a radio comes to the shelf', act: () => edit(null) }],
})
</script>

<template>
  <section ref="work" tabindex="-1" aria-label="Radios" class="column">
    <PageBar title="Radios">
      <span v-if="radios" class="quiet">{{ counted(radios.length, 'radio') }} in use</span>
      <template #acts>
        <v-btn :to="{ name: 'snapshots' }">Snapshots</v-btn>
        <v-btn :to="{ name: 'models' }">Models</v-btn>
        <v-btn color="primary" variant="flat" @click="edit(null)">Add a radio</v-btn>
      </template>
    </PageBar>
    <div class="pad stack scroll">
      <p v-if="error" role="alert" class="wrong">{{ error.message }}</p>
      <RadioTable
        v-if="radios?.length"
        :radios="radios"
        @edit="edit"
        @lend="((lendingId = $event.id), (isLending = true))"
        @retire="retire"
      />
      <p v-else-if="radios" class="quiet">
        There is no radio on the shelf. Add one: “W40 · pocket”, a Wrenling W40 with a yellow label, say. Fit
        then shows what it makes of every list.
      </p>
      <SheetTable v-if="retired?.length" label="Laid aside">
        <thead>
          <tr>
            <th scope="col">Laid aside</th>
            <th scope="col">Model</th>
            <th scope="col" class="roomy">Since</th>
            <th scope="col"><span class="unseen">What to do</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="radio in retired" :key="radio.id" class="middle">
            <th scope="row">{{ radio.name }}</th>
            <td>{{ radio.model }}</td>
            <td class="roomy mono">{{ moment(radio.shelf.retired ?? '') }}</td>
            <td class="end">
              <div class="acts">
                <v-btn size="small" :aria-label="`Take ${radio.name} up again`" @click="takeUp(radio)"
                  >Take up again</v-btn
                >
                <v-btn size="small" :aria-label="`Delete ${radio.name}`" @click="askDelete(radio)"
                  >Delete…</v-btn
                >
              </div>
            </td>
          </tr>
        </tbody>
      </SheetTable>
    </div>
    <RadioDialog v-if="askedEdit" v-model="isEditing" :radio="editing" :done="done" />
    <DeleteRadioDialog
      v-if="askedDelete && deleting"
      v-model="isDeleting"
      :radio="deleting"
      :remove="(snapshots) => remove(deleting!, snapshots)"
    />
    <LendDialog
      v-if="askedLend && lending"
      v-model="isLending"
      :radio="lending"
      :lend="(to, note) => lend(lending!, to, note)"
      :back="(note) => getBack(lending!, note)"
    />
  </section>
</template>

<style scoped>
.acts {
  gap: 6px;
  justify-content: end;
}
.scroll {
  flex: 1;
  min-height: 0;
  overflow: auto;
}
@media (max-width: 720px) {
  .roomy {
    display: none;
  }
}
</style>
