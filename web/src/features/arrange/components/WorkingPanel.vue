<script setup lang="ts">
import type { Finding, ListView, ReckonAnswer, Row } from '@/shared/api/client'
import EntryLink from '@/shared/components/EntryLink.vue'
import FindingList from '@/shared/components/FindingList.vue'
import AnswerPanel from '@/shared/reckon/AnswerPanel.vue'
import BanksOfChannel from './BanksOfChannel.vue'
import KeySheet from './KeySheet.vue'
import MoveField from './MoveField.vue'
import RadiosOfChannel from './RadiosOfChannel.vue'

defineProps<{
  list: ListView
  row: Row | null
  cursor: number
  edited: boolean
  answer: ReckonAnswer | null
  problem: string | null
  findings: Finding[]
  keys: boolean
}>()
const emit = defineEmits<{
  fix: [line: string]
  move: [slot: number]
  layAside: [finding: Finding, reason: string]
  lookAgain: [finding: Finding]
  keys: []
}>()
</script>

<template>
  <div class="working stack">
    <h2>Working · slot {{ cursor }} {{ row?.label ?? 'free' }}</h2>
    <template v-if="row">
      <p v-if="problem" class="wrong">{{ problem }}</p>
      <AnswerPanel v-if="answer" :answer="answer">
        <FindingList
          :findings="findings"
          :laid-aside="edited ? [] : row.laidAside"
          :can-lay-aside="!edited"
          numbered
          @fix="(line) => emit('fix', line)"
          @lay-aside="(finding, reason) => emit('layAside', finding, reason)"
          @look-again="(finding) => emit('lookAgain', finding)"
        />
      </AnswerPanel>
      <KeySheet v-if="keys" :list-id="list.id" :version="list.version" :row="row" />
      <RadiosOfChannel :row="row" :radios="list.radios" />
      <v-btn size="small" :aria-pressed="keys" @click="emit('keys')">{{
        keys ? 'Hide the key sheet' : 'How it is keyed in'
      }}</v-btn>
      <BanksOfChannel :list="list" :row="row" />
      <p v-if="row.rank || row.proven" class="quiet small">
        {{ row.rank ? `Rank ${row.rank}` : '' }}{{ row.rank && row.proven ? ' · ' : ''
        }}{{ row.proven ? `proven on ${row.proven}` : '' }}
      </p>
      <EntryLink v-if="row.directoryId" :id="row.directoryId" :list-id="list.id" />
      <section aria-label="Typed as">
        <h2>Typed as</h2>
        <p class="mono line">{{ row.line }}</p>
        <p v-if="row.published !== row.line" class="quiet small line">
          came in as <span class="mono">{{ row.published }}</span>
        </p>
      </section>
      <MoveField
        :slot-number="row.slot"
        :first="list.firstSlot"
        :last="list.lastSlot"
        :pinned="row.pinned"
        @move="(slot) => emit('move', slot)"
      />
    </template>
    <p v-else class="quiet">
      Slot {{ cursor }} is free. Type a directory line on top, such as
      <span class="mono">145.310- 71.9</span>, and press Enter: the channel goes here.
    </p>
  </div>
</template>

<style scoped>
.line {
  overflow-wrap: anywhere;
}
</style>
