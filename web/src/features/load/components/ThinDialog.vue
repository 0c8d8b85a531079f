<script setup lang="ts">
import { ref, watch } from 'vue'
import { useNotice } from '@/shared/composables/useNotice'
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import { counted } from '@/shared/words'

/** Asks before old snapshots go, and says how many. */
const props = defineProps<{
  thinning: () => Promise<{ going: string[] }>
  thin: (going: string[]) => Promise<boolean>
}>()
const open = defineModel<boolean>({ required: true })
const { tellProblem } = useNotice()
const going = ref<string[] | null>(null)
watch(open, async (now) => {
  going.value = null
  if (!now) return
  try {
    going.value = (await props.thinning()).going
  } catch (cause) {
    open.value = false
    tellProblem(cause)
  }
})
async function thinNow() {
  if (await props.thin(going.value ?? [])) open.value = false
}
</script>

<template>
  <SheetDialog
    :model-value="open && going !== null"
    title="Thin out old snapshots"
    @update:model-value="(now) => (open = now)"
  >
    <p>
      All of the last week stay, then the last of each day of six weeks, then the last of each month; always
      the first and the newest of each radio, what has a name or a mark, and what is needed.
    </p>
    <p v-if="going">
      <b>{{ going.length ? `${counted(going.length, 'snapshot')} would go.` : 'None would go now.' }}</b>
    </p>
    <template #acts>
      <v-btn v-if="going?.length" color="error" variant="flat" @click="thinNow"
        >Let {{ going.length === 1 ? 'it' : 'them' }} go</v-btn
      >
      <v-btn data-first @click="open = false">{{ going?.length ? 'Keep all' : 'Close' }}</v-btn>
    </template>
  </SheetDialog>
</template>
