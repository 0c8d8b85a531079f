<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, unwrap } from '@/shared/api/client'
import { usePlans } from '@/shared/api/queries'
import FieldRow from '@/shared/ui/FieldRow.vue'
import { usePlanCopies } from '../composables/usePlanCopies'
import PlanBand from './PlanBand.vue'
import PlanEditor from './PlanEditor.vue'

const props = defineProps<{ planId: string }>()
const { data: plans } = usePlans()
const id = computed(() => props.planId || plans.value?.[0]?.id || '')
const { data: file, error } = useQuery({
  queryKey: ['plan', id],
  enabled: computed(() => id.value !== ''),
  queryFn: () => unwrap(api.GET('/api/band-plans/{id}', { params: { path: { id: id.value } } })),
})
const editing = ref(false)
const { show, copy, remove } = usePlanCopies(file, () => (editing.value = true))
watch(id, () => (editing.value = false))
</script>

<template>
  <div class="column">
    <FieldRow class="pad no-print bar">
      <v-select
        class="plan"
        label="Band plan"
        :model-value="id"
        :items="plans ?? []"
        item-title="title"
        item-value="id"
        @update:model-value="show"
      />
      <template v-if="file && !editing">
        <v-btn @click="copy">Copy it and edit the copy</v-btn>
        <v-btn v-if="!file.plan.ships" @click="editing = true">Edit</v-btn>
        <v-btn v-if="!file.plan.ships" @click="remove">Delete</v-btn>
      </template>
    </FieldRow>
    <p v-if="error" role="alert" class="pad">{{ error.message }}</p>
    <PlanEditor v-if="file && editing" :key="file.plan.id" :file="file" @done="editing = false" />
    <div v-else-if="file" class="scroll" tabindex="0" role="region" aria-label="Band plan">
      <h2 class="title">{{ file.plan.title }}</h2>
      <p class="quiet">
        <b>{{ file.plan.status }}.</b> {{ file.plan.practice }} {{ file.plan.caution }}
      </p>
      <PlanBand v-for="band in file.bands" :key="band.name" :band="band" />
      <section>
        <h2>Talk windows by class of licence</h2>
        <dl class="facts">
          <template v-for="licence in file.licences" :key="licence.name">
            <dt>{{ licence.name }}</dt>
            <dd>
              <span class="mono">{{ licence.talk.join(', ') }} MHz</span>
              <span class="quiet"> {{ licence.practice }}</span>
            </dd>
          </template>
        </dl>
      </section>
      <section v-if="file.services.length">
        <h2>Listened to only</h2>
        <dl class="facts">
          <template v-for="service in file.services" :key="service.name + service.range">
            <dt>{{ service.name }}</dt>
            <dd>
              <span class="mono">{{ service.range }} MHz</span> {{ service.emission }}
            </dd>
          </template>
        </dl>
      </section>
    </div>
  </div>
</template>

<style scoped>
.bar {
  padding-top: 6px;
}
.plan {
  --field: 300px;
}
.scroll {
  flex: 1;
  min-height: 0;
  overflow: auto;
  background: var(--surface);
  border-top: 1px solid var(--ink);
  padding: 16px 20px;
  display: grid;
  gap: 18px;
  align-content: start;
}
.title {
  font-size: 18px;
  color: var(--ink);
  margin: 0 0 -12px;
}
.facts {
  --facts: 140px;
}
@media print {
  .scroll {
    overflow: visible;
  }
}
</style>
