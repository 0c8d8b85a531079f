<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { api, unwrap, type PlanFile } from '@/shared/api/client'
import FileEditor from '@/shared/components/FileEditor.vue'
import { useNotice } from '@/shared/composables/useNotice'

const props = defineProps<{ file: PlanFile }>()
const emit = defineEmits<{ done: [] }>()
const cache = useQueryClient()
const { tell } = useNotice()
const check = (yaml: string) => unwrap(api.POST('/api/band-plans/check', { body: { yaml } }))
async function save(yaml: string) {
  const saved = await unwrap(
    api.PUT('/api/band-plans/{id}', {
      params: { path: { id: props.file.plan.id } },
      body: { baseVersion: props.file.version, yaml },
    }),
  )
  cache.setQueryData(['plan', saved.plan.id], saved)
  await cache.invalidateQueries()
  tell('The plan is kept. Lists that go by it show what would move when you open their plan.')
}
</script>

<template>
  <FileEditor
    :name="`plan.${file.plan.id}`"
    label="The plan's file"
    :yaml="file.yaml"
    act="Keep this plan"
    :check="check"
    :save="save"
    @done="emit('done')"
  />
</template>
