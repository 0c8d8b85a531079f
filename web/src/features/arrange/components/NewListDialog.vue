<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, unwrap } from '@/shared/api/client'
import { usePlans } from '@/shared/api/queries'
import SheetDialog from '@/shared/components/SheetDialog.vue'

const emit = defineEmits<{ made: [id: string] }>()
const open = defineModel<boolean>({ required: true })

const name = ref('')
const bandPlan = ref('r2-north-america')
const problem = ref('')
const cache = useQueryClient()
const slots = ref(150)
const { data: plans } = usePlans()
const caution = computed(() => plans.value?.find((plan) => plan.id === bandPlan.value)?.caution)

async function make() {
  try {
    const body = { name: name.value, bandPlan: bandPlan.value, slots: Number(slots.value) }
    const made = await unwrap(api.POST('/api/lists', { body }))
    await cache.invalidateQueries({ queryKey: ['lists'] })
    emit('made', made.id)
    open.value = false
    name.value = ''
    problem.value = ''
  } catch (cause) {
    problem.value = cause instanceof Error ? cause.message : String(cause)
  }
}
</script>

<template>
  <SheetDialog v-model="open" title="New list">
    <form @submit.prevent="make">
      <v-text-field v-model="name" label="Name" :error-messages="problem" autofocus />
      <v-select
        v-model="bandPlan"
        label="Band plan"
        :items="plans ?? []"
        item-title="title"
        item-value="id"
        :hint="caution"
        persistent-hint
      />
      <v-text-field v-model="slots" label="Slots" type="number" min="1" max="9999" />
      <div class="actions">
        <v-btn type="submit" color="primary" variant="flat">Make the list</v-btn>
        <v-btn @click="open = false">Cancel</v-btn>
      </div>
    </form>
  </SheetDialog>
</template>

<style scoped>
form {
  display: grid;
  gap: 16px;
  margin-top: 16px;
}
.actions {
  display: flex;
  gap: 8px;
}
</style>
