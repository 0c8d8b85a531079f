<script setup lang="ts">
import { computed } from 'vue'
import type { Import } from '@/shared/api/client'
import { useTaking } from '../composables/useTaking'
import StagedRows from './StagedRows.vue'
import { grouped } from '@/shared/words'

const props = defineProps<{ brought: Import }>()
const emit = defineEmits<{ changed: [next: Import] }>()
const { doubtful, dropGone, busy, going, take, takeBack, giveUp, goOn, mapAgain, stop } = useTaking(
  () => props.brought,
  (next) => emit('changed', next),
)
const hasColumns = computed(() => props.brought.kind === 'csv' || props.brought.kind === 'geojson')
const share = computed(() => (100 * props.brought.rowsRead) / Math.max(1, props.brought.rowsTotal))
</script>

<template>
  <section class="stack">
    <h2>{{ brought.name }}</h2>
    <div v-if="brought.state === 'reading'" class="reading stack">
      <p role="status">
        Read {{ grouped(brought.rowsRead)
        }}<template v-if="brought.rowsTotal"> of {{ grouped(brought.rowsTotal) }}</template> rows. Nothing is
        in the directory yet.
      </p>
      <v-progress-linear
        :model-value="share"
        :indeterminate="!brought.rowsTotal"
        color="primary"
        height="8"
        aria-label="Rows read"
      />
      <div><v-btn size="small" :disabled="busy" @click="stop">Stop reading</v-btn></div>
    </div>
    <div v-else-if="brought.state === 'broken_off'" class="reading stack">
      <p role="alert" class="wrong">{{ brought.message }}</p>
      <div class="acts">
        <v-btn color="primary" variant="flat" :disabled="busy" @click="goOn"
          >Go on from row {{ grouped(brought.rowsRead + 1) }}</v-btn
        >
        <v-btn :disabled="busy" @click="giveUp">Give it up</v-btn>
      </div>
    </div>
    <p v-else-if="brought.message" role="status">{{ brought.message }}</p>
    <StagedRows :brought="brought" />
    <div v-if="brought.state === 'taken'" class="acts">
      <v-btn :disabled="busy" @click="takeBack">Take it back out of the directory</v-btn>
      <span class="quiet">What it added goes, and what it changed is as before.</span>
    </div>
    <div v-if="brought.state === 'read'" class="acts">
      <v-checkbox
        v-if="brought.counts.doubtful"
        v-model="doubtful"
        :label="`take the ${grouped(brought.counts.doubtful)} in doubt too`"
      />
      <v-checkbox
        v-if="brought.gone"
        v-model="dropGone"
        :label="`mark the ${grouped(brought.gone)} that ${brought.gone === 1 ? 'is' : 'are'} no longer in it`"
      />
      <v-btn
        color="primary"
        variant="flat"
        :disabled="busy || (going === 0 && !(dropGone && brought.gone))"
        @click="take"
      >
        Take {{ grouped(going) }} {{ going === 1 ? 'entry' : 'entries' }} into the directory
      </v-btn>
      <v-btn v-if="hasColumns" :disabled="busy" @click="mapAgain">Back to the columns</v-btn>
      <v-btn :disabled="busy" @click="giveUp">Give it up</v-btn>
    </div>
  </section>
</template>

<style scoped>
.reading {
  max-width: 640px;
}
</style>
