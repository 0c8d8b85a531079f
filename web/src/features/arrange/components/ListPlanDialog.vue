<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, unwrap, type ListView } from '@/shared/api/client'
import { usePlans } from '@/shared/api/queries'
import SeverityMark from '@/shared/components/SeverityMark.vue'
import FieldRow from '@/shared/ui/FieldRow.vue'
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import SheetTable from '@/shared/ui/SheetTable.vue'

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
  <SheetDialog v-model="open" title="Band plan of the list" :width="860" @submit="go">
    <FieldRow>
      <v-select
        v-model="bandPlan"
        class="grow"
        label="Band plan"
        :items="plans ?? []"
        item-title="title"
        item-value="id"
      />
      <v-select v-model="licence" label="Class of licence" :items="plan?.licences ?? []" />
    </FieldRow>
    <p v-if="plan" class="quiet">{{ plan.practice }} {{ plan.caution }}</p>
    <p v-if="error" role="alert" class="wrong">{{ error.message }}</p>
    <template v-if="preview">
      <p aria-live="polite">
        <b>{{ preview.moved }} of {{ list.rows.length }} channels would talk elsewhere.</b>
        Pairs and sizes that were given stay as they are.
        <template v-if="doubted"
          >{{ doubted }} {{ doubted === 1 ? 'gets' : 'get' }} a new error or doubt.</template
        >
      </p>
      <SheetTable v-if="preview.rows.length" label="What moves">
        <thead>
          <tr>
            <th scope="col" class="figure">Slot</th>
            <th scope="col">Channel</th>
            <th scope="col">Talks now</th>
            <th scope="col">Would talk</th>
            <th scope="col">How</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in preview.rows" :key="row.slot">
            <td class="figure">{{ row.slot }}</td>
            <th scope="row">{{ row.label }}</th>
            <td class="mono">
              {{ row.before.talk || 'never' }} <small>{{ row.before.shift }}</small>
            </td>
            <td class="mono" :class="{ talk: row.moves }">
              {{ row.after.talk || 'never' }} <small>{{ row.after.shift }}</small>
            </td>
            <td>
              {{ row.outcome }}
              <p v-for="finding in row.findings" :key="finding.code + finding.field">
                <SeverityMark :severity="finding.severity" /> {{ finding.message }}
              </p>
            </td>
          </tr>
        </tbody>
      </SheetTable>
    </template>
    <template #acts>
      <v-btn type="submit" color="primary" variant="flat" :disabled="!preview || same">
        {{ same ? 'Nothing would change' : `Go by this plan, ${preview?.moved ?? 0} channels move` }}
      </v-btn>
      <v-btn @click="open = false">Leave it</v-btn>
    </template>
  </SheetDialog>
</template>
