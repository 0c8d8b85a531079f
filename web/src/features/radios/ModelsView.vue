<script setup lang="ts">
import { computed, defineAsyncComponent, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { api, unwrap } from '@/shared/api/client'
import FileEditor from '@/shared/components/FileEditor.vue'
import { useKeys } from '@/shared/keys/useKeys'
import FieldRow from '@/shared/ui/FieldRow.vue'
import PageBar from '@/shared/ui/PageBar.vue'
import { useAsked } from '@/shared/ui/useAsked'
import ModelFacts from './components/ModelFacts.vue'
import { useModel } from './composables/useModel'

const ShortDialog = defineAsyncComponent(() => import('./components/ShortDialog.vue'))

const route = useRoute()
const wanted = computed(() => String(route.params.id || ''))
const editing = ref(false)
const { models, id, file, error, show, copy, make, take, save, remove } = useModel(
  wanted,
  () => (editing.value = true),
)
watch(id, () => (editing.value = false))
const check = (yaml: string) => unwrap(api.POST('/api/radio-models/check', { body: { yaml } }))

const telling = ref(false)
const asked = useAsked(telling)
const picker = ref<HTMLInputElement | null>(null)
async function read() {
  const chosen = picker.value?.files?.[0]
  if (chosen) await take(chosen)
  // The same file can be chosen again.
  if (picker.value) picker.value.value = ''
}
const download = computed(
  () => `data:application/yaml;charset=utf-8,${encodeURIComponent(file.value?.yaml ?? '')}`,
)

const work = ref<HTMLElement | null>(null)
useKeys({ title: 'Models', focus: () => work.value?.focus(), keys: [] })
</script>

<template>
  <section ref="work" tabindex="-1" aria-label="Models" class="column">
    <PageBar title="Models of radios">
      <template #acts>
        <v-btn :to="{ name: 'radios' }">Radios</v-btn>
        <v-btn @click="picker?.click()">From a file</v-btn>
        <input
          ref="picker"
          class="unseen"
          type="file"
          accept=".yaml,.yml,application/yaml"
          aria-label="File with a model"
          tabindex="-1"
          @change="read"
        />
        <v-btn color="primary" variant="flat" @click="telling = true">A radio that is not here</v-btn>
      </template>
    </PageBar>
    <FieldRow class="pad bar">
      <v-select
        class="model"
        label="Model"
        :model-value="id"
        :items="models ?? []"
        item-title="title"
        item-value="id"
        @update:model-value="(next: string) => show(next)"
      />
      <template v-if="file && !editing">
        <v-btn @click="copy">Copy it and edit the copy</v-btn>
        <v-btn v-if="!file.model.ships" @click="editing = true">Edit</v-btn>
        <v-btn :href="download" :download="`${file.model.id}.yaml`">Save its file</v-btn>
        <v-btn v-if="!file.model.ships" @click="remove">Delete</v-btn>
      </template>
    </FieldRow>
    <p v-if="error" role="alert" class="pad">{{ error.message }}</p>
    <FileEditor
      v-if="file && editing"
      :key="file.model.id"
      :name="`model.${file.model.id}`"
      label="The model's file"
      :yaml="file.yaml"
      act="Keep this model"
      :check="check"
      :save="save"
      @done="editing = false"
    />
    <div v-else-if="file" class="scroll stack" tabindex="0" role="region" aria-label="What the model can">
      <ModelFacts :model="file.model" :radios="file.radios" />
    </div>
    <ShortDialog v-if="asked" v-model="telling" :make="make" />
  </section>
</template>

<style scoped>
.bar {
  padding-top: 6px;
}
.model {
  --field: 300px;
}
.scroll {
  flex: 1;
  min-height: 0;
  overflow: auto;
  background: var(--surface);
  border-top: 1px solid var(--ink);
  padding: 16px 20px;
  align-content: start;
}
</style>
