<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, unwrap, type ListView } from '@/shared/api/client'
import { usePlans } from '@/shared/api/queries'
import SeverityMark from '@/shared/components/SeverityMark.vue'
import SheetDialog from '@/shared/components/SheetDialog.vue'

const props = defineProps<{ list: ListView }>()
const emit = defineEmits<{ go: [bandPlan: string, licence: string] }>()
const open = defineModel<boolean>({ required: true })

const { data: plans } = usePlans()
const bandPlan = ref(props.list.bandPlan.id)
const licence = ref(props.list.licence)
watch(open, (now) => {
  if (!now) return
  bandPlan.value = props.list.bandPlan.id
  licence.value = props.list.licence
})
const plan = computed(() => plans.value?.find((each) => each.id === bandPlan.value))
watch(plan, (now) => {
  if (now && !now.licences.includes(licence.value)) licence.value = now.licences[0] ?? ''
})

const { data: preview, error } = useQuery({
  queryKey: [
    'plan-preview',
    computed(() => props.list.id),
    computed(() => props.list.version),
    bandPlan,
    licence,
  ],
  enabled: open,
  queryFn: () =>
    unwrap(
      api.POST('/api/lists/{id}/plan/preview', {
        params: { path: { id: props.list.id } },
        body: { bandPlan: bandPlan.value, licence: licence.value },
      }),
    ),
})
const doubted = computed(() => preview.value?.rows.filter((row) => row.findings.length).length ?? 0)
const same = computed(
  () =>
    bandPlan.value === props.list.bandPlan.id &&
    licence.value === props.list.licence &&
    preview.value?.moved === 0,
)
function go() {
  emit('go', bandPlan.value, licence.value)
  open.value = false
}
</script>

<template>
  <SheetDialog v-model="open" title="Band plan of the list" :width="820">
    <form @submit.prevent="go">
      <div class="choice">
        <v-select
          v-model="bandPlan"
          label="Band plan"
          :items="plans ?? []"
          item-title="title"
          item-value="id"
        />
        <v-select v-model="licence" label="Class of licence" :items="plan?.licences ?? []" />
      </div>
      <p v-if="plan" class="quiet">{{ plan.practice }} {{ plan.caution }}</p>
      <p v-if="error" role="alert" class="problem">{{ error.message }}</p>
      <template v-if="preview">
        <p aria-live="polite">
          <b>{{ preview.moved }} of {{ list.rows.length }} channels would talk elsewhere.</b>
          Pairs and sizes that were given stay as they are.
          <template v-if="doubted"
            >{{ doubted }} {{ doubted === 1 ? 'gets' : 'get' }} a new error or doubt.</template
          >
        </p>
        <div v-if="preview.rows.length" class="scroll" tabindex="0" role="region" aria-label="What moves">
          <table>
            <thead>
              <tr>
                <th scope="col" class="slot">Slot</th>
                <th scope="col">Channel</th>
                <th scope="col">Talks now</th>
                <th scope="col">Would talk</th>
                <th scope="col">How</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="row in preview.rows" :key="row.slot">
                <td class="slot mono">{{ row.slot }}</td>
                <th scope="row">{{ row.label }}</th>
                <td class="mono">
                  {{ row.before.talk || 'never' }} <small>{{ row.before.shift }}</small>
                </td>
                <td class="mono" :class="{ moves: row.moves }">
                  {{ row.after.talk || 'never' }} <small>{{ row.after.shift }}</small>
                </td>
                <td>
                  {{ row.outcome }}
                  <p v-for="finding in row.findings" :key="finding.code + finding.field" class="finding">
                    <SeverityMark :severity="finding.severity" /> {{ finding.message }}
                  </p>
                </td>
              </tr>
            </tbody>
          </table>
        </div>
      </template>
      <div class="actions">
        <v-btn type="submit" color="primary" variant="flat" :disabled="!preview || same">
          {{ same ? 'Nothing would change' : `Go by this plan, ${preview?.moved ?? 0} channels move` }}
        </v-btn>
        <v-btn @click="open = false">Leave it</v-btn>
      </div>
    </form>
  </SheetDialog>
</template>

<style scoped>
form {
  display: grid;
  gap: 12px;
  margin-top: 16px;
}
.choice {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
p {
  margin: 0;
}
.problem {
  color: var(--error);
}
.scroll {
  max-height: 320px;
  overflow: auto;
  background: var(--surface);
  border: 1px solid var(--line);
  border-radius: 6px;
}
table {
  width: 100%;
  border-collapse: collapse;
  font-size: 13.5px;
}
th,
td {
  text-align: left;
  vertical-align: top;
  padding: 7px 10px;
  border-bottom: 1px solid var(--line);
}
thead th {
  color: var(--quiet);
  font-weight: 500;
}
.slot {
  text-align: right;
}
.moves {
  color: var(--talk);
  font-weight: 600;
}
small {
  color: var(--quiet);
  font-weight: 400;
}
.finding {
  color: var(--quiet);
}
.actions {
  display: flex;
  gap: 8px;
}
@media (max-width: 720px) {
  .choice {
    grid-template-columns: 1fr;
  }
}
</style>
