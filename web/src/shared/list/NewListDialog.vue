<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, unwrap } from '@/shared/api/client'
import { usePlans } from '@/shared/api/queries'
import FigureField from '@/shared/ui/FigureField.vue'
import SheetDialog from '@/shared/ui/SheetDialog.vue'

const props = defineProps<{ suggested?: string }>()
const emit = defineEmits<{ made: [id: string] }>()
const open = defineModel<boolean>({ required: true })

const name = ref('')
const bandPlan = ref('r2-north-america')
const slots = ref(150)
const template = ref<string | null>(null)
const { data: templates } = useQuery({
  queryKey: ['templates'],
  staleTime: Infinity,
  queryFn: () => unwrap(api.GET('/api/lists/templates')),
})
const beginnings = computed(() => [
  { value: null, title: 'empty, without blocks' },
  ...(templates.value ?? []).map((each) => ({ value: each.id, title: each.words })),
])
const chosen = computed(() => templates.value?.find((each) => each.id === template.value))
watch(chosen, (now) => now && slots.value < now.slots && (slots.value = now.slots))
const problem = ref('')
watch(
  open,
  (now) => {
    if (!now) return
    name.value = props.suggested ?? ''
    problem.value = ''
  },
  { immediate: true },
)
const cache = useQueryClient()
const { data: plans } = usePlans()
const caution = computed(() => plans.value?.find((plan) => plan.id === bandPlan.value)?.caution)

const busy = ref(false)
async function make() {
  if (busy.value) return
  busy.value = true
  try {
    const body = { name: name.value, bandPlan: bandPlan.value, slots: slots.value, template: template.value }
    const made = await unwrap(api.POST('/api/lists', { body }))
    await cache.invalidateQueries({ queryKey: ['lists'] })
    emit('made', made.id)
    open.value = false
  } catch (cause) {
    problem.value = cause instanceof Error ? cause.message : String(cause)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <SheetDialog v-model="open" title="New list" @submit="make">
    <p v-if="suggested" class="quiet">You review the rows of the file before they go into the new list.</p>
    <v-text-field v-model="name" label="Name" :error-messages="problem" data-first />
    <v-select
      v-model="bandPlan"
      label="Band plan"
      :items="plans ?? []"
      item-title="title"
      item-value="id"
      :hint="caution"
      persistent-hint
    />
    <v-select
      v-model="template"
      label="Begins"
      :items="beginnings"
      :hint="chosen ? `Blocks, filled by themselves: ${chosen.blocks.join(', ')}` : undefined"
      persistent-hint
    />
    <FigureField v-model="slots" label="Slots" :min="1" :max="9999" />
    <template #acts>
      <v-btn type="submit" color="primary" variant="flat">Make the list</v-btn>
      <v-btn @click="open = false">Cancel</v-btn>
    </template>
  </SheetDialog>
</template>
