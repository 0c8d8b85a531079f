<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, unwrap } from '@/shared/api/client'
import { usePlans } from '@/shared/api/queries'
import { useNotice } from '@/shared/composables/useNotice'
import PlanBand from './PlanBand.vue'
import PlanEditor from './PlanEditor.vue'

const props = defineProps<{ planId: string }>()
const router = useRouter()
const cache = useQueryClient()
const { tell, tellProblem } = useNotice()
const { data: plans } = usePlans()
const id = computed(() => props.planId || plans.value?.[0]?.id || '')
const { data: file, error } = useQuery({
  queryKey: ['plan', id],
  enabled: computed(() => id.value !== ''),
  queryFn: () => unwrap(api.GET('/api/band-plans/{id}', { params: { path: { id: id.value } } })),
})
const editing = ref(false)
watch(id, () => (editing.value = false))

function show(next: string) {
  void router.push({ name: 'tables', params: { table: 'plans', plan: next } })
}
/** A copy gets an id and a title of its own; the person changes the rest. */
async function copy() {
  if (!file.value) return
  const taken = new Set(plans.value?.map((each) => each.id))
  let number = 1
  while (taken.has(`my-${file.value.plan.id}-${number}`)) number++
  const fresh = `my-${file.value.plan.id}-${number}`.slice(0, 60)
  const yaml = file.value.yaml
    .replace(/^id: .*$/m, `id: ${fresh}`)
    .replace(/^title: (.*)$/m, (_, title: string) => `title: ${title}, my copy ${number}`)
    .replace(/^status: .*$/m, 'status: my copy of an unverified template')
  try {
    const made = await unwrap(api.POST('/api/band-plans', { body: { yaml } }))
    cache.setQueryData(['plan', made.plan.id], made)
    await cache.invalidateQueries({ queryKey: ['plans'] })
    await router.push({ name: 'tables', params: { table: 'plans', plan: made.plan.id } })
    editing.value = true
  } catch (cause) {
    tellProblem(cause)
  }
}
async function remove() {
  if (!file.value) return
  try {
    await unwrap(api.DELETE('/api/band-plans/{id}', { params: { path: { id: id.value } } }))
    tell(`${file.value.plan.title} is gone`)
    await cache.invalidateQueries({ queryKey: ['plans'] })
    await router.push({ name: 'tables', params: { table: 'plans', plan: '' } })
  } catch (cause) {
    tellProblem(cause)
  }
}
</script>

<template>
  <div class="plans">
    <div class="bar no-print">
      <label>
        <span class="unseen">Band plan</span>
        <select :value="id" @change="show(($event.target as HTMLSelectElement).value)">
          <option v-for="plan in plans" :key="plan.id" :value="plan.id">{{ plan.title }}</option>
        </select>
      </label>
      <template v-if="file && !editing">
        <v-btn @click="copy">Copy it and edit the copy</v-btn>
        <v-btn v-if="!file.plan.ships" @click="editing = true">Edit</v-btn>
        <v-btn v-if="!file.plan.ships" @click="remove">Delete</v-btn>
      </template>
    </div>
    <p v-if="error" role="alert" class="pad">{{ error.message }}</p>
    <PlanEditor v-if="file && editing" :key="file.plan.id" :file="file" @done="editing = false" />
    <div v-else-if="file" class="scroll" tabindex="0" role="region" aria-label="Band plan">
      <h2 class="title">{{ file.plan.title }}</h2>
      <p class="caution">
        <b>{{ file.plan.status }}.</b> {{ file.plan.practice }} {{ file.plan.caution }}
      </p>
      <PlanBand v-for="band in file.bands" :key="band.name" :band="band" />
      <section>
        <h2>Talk windows by class of licence</h2>
        <dl>
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
        <dl>
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
.plans {
  display: flex;
  flex-direction: column;
  flex: 1;
  min-height: 0;
}
.bar {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  padding: 0 20px 10px;
}
select {
  height: 36px;
  border: 1px solid var(--quiet);
  border-radius: 6px;
  padding: 0 10px;
  font: inherit;
  background: var(--surface);
  color: var(--ink);
}
.pad {
  padding: 0 20px;
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
  margin: 0;
}
.caution {
  margin: -12px 0 0;
  color: var(--quiet);
}
dl {
  display: grid;
  grid-template-columns: 140px 1fr;
  gap: 4px 12px;
  margin: 0;
}
dd {
  margin: 0;
}
@media print {
  .no-print {
    display: none;
  }
  .scroll {
    overflow: visible;
  }
}
</style>
