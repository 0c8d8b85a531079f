<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, unwrap } from '@/shared/api/client'
import { useNotice } from '@/shared/composables/useNotice'
import { useOpenList } from '@/shared/composables/useOpenList'
import { joined, useArrivedText } from '@/shared/composables/usePastedText'
import { useKeys } from '@/shared/keys/useKeys'
import FieldRow from '@/shared/ui/FieldRow.vue'
import FileText from '@/shared/ui/FileText.vue'
import PageBar from '@/shared/ui/PageBar.vue'
import TablePreview from './components/TablePreview.vue'
import { useRecipes } from './composables/useRecipes'

/** Tables in whatever form somebody's other tools have: a recipe says which, and works both ways. */
const route = useRoute()
const router = useRouter()
const { tell, tellProblem } = useNotice()
const { lists, openId } = useOpenList()
const chosen = ref<string | null>(typeof route.query['list'] === 'string' ? route.query['list'] : null)
const listId = computed({
  get: () => chosen.value ?? openId.value,
  set: (now) => (chosen.value = now),
})
const list = computed(() => lists.value?.find((each) => each.id === listId.value))
const recipes = useRecipes(listId)
const { all, id, file, text, isNew, changed, faults, problem, preview } = recipes
const names = computed(() => (all.value ?? []).map((each) => ({ value: each.id, title: each.name })))

const example = ref<HTMLInputElement | null>(null)
const table = ref<HTMLInputElement | null>(null)
const guessed = ref('')
/** The file that was chosen; the same can be chosen again. */
function taken(from: HTMLInputElement | null) {
  const picked = from?.files?.[0]
  return picked
}
const clear = (from: HTMLInputElement | null) => from && (from.value = '')
async function guess() {
  const from = taken(example.value)
  if (!from) return
  try {
    const it = await unwrap(
      api.POST('/api/table-recipes/guess', {
        body: { name: from.name.replace(/\.\w+$/, '').slice(0, 60) || 'Worked out', text: await from.text() },
      }),
    )
    recipes.begin(it.yaml)
    guessed.value = [
      `Worked out from ${from.name}: ${it.read} of ${it.rows} rows give a channel.`,
      it.open.length
        ? `Nobody knows what stands under ${it.open.join(', ')}; that stays as it was, or empty.`
        : '',
      it.fault ? `The first that gives none is ${it.fault}.` : '',
      'Look it over, then keep it.',
    ].join(' ')
  } catch (cause) {
    tellProblem(cause)
  } finally {
    clear(example.value)
  }
}

const arrived = useArrivedText()
/** A table is read by the recipe as it is kept, and its lines go to the review. */
async function read() {
  const from = taken(table.value)
  if (!from || !file.value || !listId.value) return
  try {
    const bytes = new Uint8Array(await from.arrayBuffer())
    let binary = ''
    for (let i = 0; i < bytes.length; i += 32768)
      binary += String.fromCharCode(...bytes.subarray(i, i + 32768))
    const lines = await unwrap(
      api.POST('/api/table-recipes/{id}/lines', {
        params: { path: { id: file.value.id } },
        body: { list: listId.value, file: btoa(binary) },
      }),
    )
    arrived.value = joined(arrived.value, lines.lines.join('\n'))
    if (lines.unread) tell(`${lines.unread} rows give no channel; the first is ${lines.firstFault}.`)
    await router.push({ name: 'review' })
  } catch (cause) {
    tellProblem(cause)
  } finally {
    clear(table.value)
  }
}
function open(next: string) {
  guessed.value = ''
  recipes.open(next)
}
useKeys({ title: 'Export', keys: [], focus: () => {} })
</script>

<template>
  <PageBar title="Export">
    <span class="quiet">{{ list?.name }} as a table of another form</span>
    <template #acts>
      <v-btn title="A table that you have: a recipe is worked out from it" @click="example?.click()"
        >From an example</v-btn
      >
      <input
        ref="example"
        class="unseen"
        type="file"
        accept=".csv,.tsv,.txt,text/*"
        aria-label="Example of a table"
        tabindex="-1"
        @change="guess"
      />
      <v-btn
        :disabled="!file || changed"
        title="A table of this form: its rows go to the review of the open list"
        @click="table?.click()"
        >Read a table</v-btn
      >
      <input
        ref="table"
        class="unseen"
        type="file"
        aria-label="Table to be read"
        tabindex="-1"
        @change="read"
      />
      <v-btn
        v-if="file && !changed && list"
        color="primary"
        variant="flat"
        :href="`/api/table-recipes/${file.id}/table?list=${list.id}`"
        download
        >Save the table</v-btn
      >
      <v-btn v-else color="primary" variant="flat" disabled>Save the table</v-btn>
    </template>
  </PageBar>
  <div class="export pad">
    <form class="recipe stack" @submit.prevent="recipes.save()">
      <FieldRow>
        <v-select
          class="grow"
          label="Recipe"
          :items="names"
          :model-value="isNew ? null : id"
          :placeholder="isNew ? 'new, not kept yet' : ''"
          persistent-placeholder
          @update:model-value="(now: string) => open(now)"
        />
        <v-select
          v-model="listId"
          class="grow"
          label="List"
          :items="(lists ?? []).map((each) => ({ value: each.id, title: each.name }))"
        />
      </FieldRow>
      <p v-if="guessed && isNew" role="status">{{ guessed }}</p>
      <FileText v-model="text" class="file" label="The recipe's file" :faults="faults" :problem="problem">
        <p class="quiet">
          {{
            changed
              ? 'No fault found; not kept yet.'
              : file?.ships
                ? 'This recipe ships with the program. Change its text to make one of your own.'
                : 'As it is kept.'
          }}
        </p>
      </FileText>
      <div class="acts">
        <v-btn v-if="file?.ships && !isNew" @click="recipes.copy()">Copy it</v-btn>
        <v-btn v-else type="submit" color="primary" variant="flat" :disabled="!changed || faults.length > 0"
          >Keep this recipe</v-btn
        >
        <v-btn v-if="file && !file.ships && !isNew" @click="recipes.remove()">Delete it</v-btn>
        <v-btn v-if="changed && id" @click="open(id)">Leave it as it was</v-btn>
      </div>
    </form>
    <TablePreview v-if="preview" :preview="preview" />
    <p v-else-if="!problem" class="quiet">
      {{ list ? 'Working it out…' : 'Choose a list to see its table.' }}
    </p>
  </div>
</template>

<style scoped>
.export {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  grid-template-rows: minmax(0, 1fr);
  gap: 16px;
  flex: 1;
  min-height: 0;
}
.export > * {
  min-height: 0;
  overflow: auto;
  /* The label on the edge of a field has room. */
  padding-top: 8px;
}
.recipe {
  grid-template-rows: auto;
  grid-auto-rows: auto;
  align-content: stretch;
}
.recipe :deep(.text) {
  min-height: 200px;
  height: 46vh;
}
@media (max-width: 960px) {
  .export {
    display: block;
    overflow: auto;
  }
}
</style>
