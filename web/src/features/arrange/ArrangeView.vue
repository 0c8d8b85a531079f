<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import KeysDialog from '@/shared/components/KeysDialog.vue'
import { useCursor } from '@/shared/composables/useCursor'
import { useKeptText } from '@/shared/composables/useKeptText'
import { useNotice } from '@/shared/composables/useNotice'
import { useOpenList } from '@/shared/composables/useOpenList'
import { usePastedText } from '@/shared/composables/usePastedText'
import { useScreen } from '@/shared/keys/useScreen'
import { counted } from '@/shared/words'
import FindingsDialog from './components/FindingsDialog.vue'
import HistoryDialog from './components/HistoryDialog.vue'
import MoveDialog from './components/MoveDialog.vue'
import ListPlanDialog from './components/ListPlanDialog.vue'
import RodTable from './components/RodTable.vue'
import SatelliteDialog from './components/SatelliteDialog.vue'
import WorkingPanel from './components/WorkingPanel.vue'
import { useList } from '@/shared/list/useList'
import { useListChanges } from '@/shared/list/useListChanges'
import { useRod, type RodItem } from './composables/useRod'
import { useRodKeys } from './composables/useRodKeys'

const { lists, openId, choose, error: listsError } = useOpenList()
const { data: list, error } = useList(openId)
const changes = useListChanges(openId)
const cursor = useCursor()
const { items, stops, toggle, stopAt } = useRod(list)

// An edit in place outlives a reload, like the line on top.
const kept = useKeptText('reckonrod.edit')
const draft = useKeptText('reckonrod.edit.draft')
const editing = computed({
  get: () => kept.value || null,
  set: (id: string | null) => (kept.value = id ?? ''),
})
const keysOpen = ref(false)
const historyOpen = ref(false)
const planOpen = ref(false)
const findingsOpen = ref(false)
const satelliteOpen = ref(false)
const pasted = usePastedText()
/** Where the height is scarce the list has it, and the working is one press away. */
const sideOpen = ref(!matchMedia('(max-width: 720px) and (max-height: 520px)').matches)
const working = ref<InstanceType<typeof WorkingPanel> | null>(null)

const stop = computed(() => stops.value[stopAt(cursor.value)] ?? null)
const row = computed(() => (stop.value?.kind === 'channel' ? stop.value.row : null))
const line = computed(() =>
  editing.value && editing.value === row.value?.id ? draft.value : (row.value?.line ?? ''),
)
const home = computed(() => lists.value?.find((each) => each.id === list.value?.homeId) ?? null)
const block = computed(() =>
  list.value?.blocks.find((each) => each.firstSlot <= cursor.value && cursor.value <= each.lastSlot),
)
const { tell } = useNotice()
async function takeBlockOut(name: string) {
  if (await changes.change({ kind: 'take-block-out', block: name }))
    tell(`“${name}” is out of the list; Undo brings it back`)
}
const counts = computed(() => {
  const now = list.value?.counts
  if (!now) return []
  return (
    [
      ['error', now.errors],
      ['doubt', now.doubts],
      ['note', now.notes],
    ] as const
  )
    .filter(([, count]) => count > 0)
    .map(([word, count]) => counted(count, word))
})

function edit(item: RodItem) {
  if (item.kind === 'gap') toggle(item.slot)
  if (item.kind !== 'channel') return
  draft.value = item.row.line
  editing.value = item.row.id
}
async function save(next: string) {
  if (editing.value && (await changes.change({ kind: 'rewrite', channel: editing.value, line: next })))
    editing.value = null
}
async function applyFix(next: string) {
  if (row.value && (await changes.change({ kind: 'rewrite', channel: row.value.id, line: next })))
    editing.value = null
}
function mend(number: number) {
  const fix = working.value?.findings.flatMap((each) => each.fixes)[number]
  if (fix) void applyFix(fix.line)
}
watch(row, (now) => {
  if (list.value && editing.value && now?.id !== editing.value) editing.value = null
})

/** A channel that moves to a taken slot asks what becomes of the one that is there. */
const moving = ref<{ id: string; slot: number } | null>(null)
function moveTo(id: string, slot: number) {
  const other = list.value?.rows.find((each) => each.slot === slot)
  if (other && other.id !== id) moving.value = { id, slot }
  else void changes.change({ kind: 'move', channel: id, slot, way: 'swap' })
}

const rod = ref<InstanceType<typeof RodTable> | null>(null)
const { onKey, KEYS } = useRodKeys({
  stops,
  at: () => stopAt(cursor.value),
  pick: (slot) => (cursor.value = slot),
  edit,
  toggle,
  changes,
  mend,
})
useScreen({
  onKey,
  focus: () => rod.value?.focus(),
  showKeys: () => (keysOpen.value = true),
  undo: () => void changes.undo(),
  redo: () => void changes.redo(),
})
</script>

<template>
  <div class="arrange" :class="{ alone: !sideOpen }">
    <section class="middle">
      <template v-if="list">
        <header>
          <h1>{{ list.name }}</h1>
          <button
            type="button"
            class="plan"
            title="Change the band plan or the licence"
            @click="planOpen = true"
          >
            {{ list.bandPlan.shortTitle }} practice, licence {{ list.licence }}
          </button>
          <span class="quiet wide-only">{{ counted(list.radios.length, 'radio') }}</span>
          <v-btn
            v-if="home"
            class="home"
            size="small"
            color="primary"
            variant="flat"
            @click="choose(home.id)"
          >
            Back to {{ home.name }}
          </v-btn>
        </header>
        <div class="bar">
          <v-btn :disabled="!row" @click="stop && edit(stop)">Edit line</v-btn>
          <v-btn
            :disabled="!row"
            @click="row && changes.change({ kind: 'pin', channel: row.id, pinned: !row.pinned })"
          >
            {{ row?.pinned ? 'Unpin' : 'Pin' }}
          </v-btn>
          <v-btn :disabled="!row" @click="row && changes.change({ kind: 'delete', channel: row.id })"
            >Delete</v-btn
          >
          <v-btn class="wide-only" @click="historyOpen = true">History</v-btn>
          <v-btn class="wide-only" :to="{ name: 'review' }">
            {{ pasted.trim() ? 'Lines to review' : 'Paste lines' }}
          </v-btn>
          <v-btn class="wide-only" @click="satelliteOpen = true">Satellite pass</v-btn>
          <v-btn
            v-if="block"
            class="wide-only"
            :title="`Takes ${block.name} and its channels out; pinned ones stay`"
            @click="takeBlockOut(block.name)"
          >
            Take block out
          </v-btn>
          <v-menu>
            <template #activator="{ props: menu }">
              <v-btn v-bind="menu" class="narrow-only">More</v-btn>
            </template>
            <v-list density="compact">
              <v-list-item title="Working of the channel" @click="sideOpen = !sideOpen" />
              <v-list-item title="History" @click="historyOpen = true" />
              <v-list-item title="Paste lines" :to="{ name: 'review' }" />
              <v-list-item title="Satellite pass" @click="satelliteOpen = true" />
              <v-list-item v-if="block" :title="`Take ${block.name} out`" @click="takeBlockOut(block.name)" />
              <v-list-item v-if="counts.length" :title="counts.join(' · ')" @click="findingsOpen = true" />
              <v-list-item title="Keys and words" @click="keysOpen = true" />
            </v-list>
          </v-menu>
          <span class="space" />
          <v-btn :disabled="!list.undo" :title="list.undo ?? undefined" @click="changes.undo()">Undo</v-btn>
          <v-btn :disabled="!list.redo" :title="list.redo ?? undefined" @click="changes.redo()">Redo</v-btn>
        </div>
        <RodTable
          ref="rod"
          v-model:draft="draft"
          :list="list"
          :items="items"
          :cursor-key="stop?.key ?? null"
          :editing="editing"
          @pick="(slot) => (cursor = slot)"
          @open="edit"
          @drop="moveTo"
          @toggle="toggle"
          @save="save"
          @cancel="editing = null"
        />
        <footer>
          <span>{{ list.rows.length }} of {{ counted(list.lastSlot - list.firstSlot + 1, 'slot') }}</span>
          <button v-if="counts.length" class="counts" type="button" @click="findingsOpen = true">
            {{ counts.join(' · ') }}
          </button>
          <span v-else>no findings</span>
          <button class="keys" type="button" @click="keysOpen = true">
            <kbd>Enter</kbd> edits · <kbd>[</kbd> <kbd>]</kbd> move · <kbd>f</kbd> mends · <kbd>?</kbd> all
            keys
          </button>
        </footer>
      </template>
      <p v-else-if="error || listsError" class="empty" role="alert">{{ (error ?? listsError)?.message }}</p>
      <p v-else-if="lists && !lists.length" class="empty">
        There is no list yet. Make one with “New list” on top, then type a directory line such as
        <span class="mono">145.310- 71.9</span>.
      </p>
      <p v-else class="empty quiet">Loading the list…</p>
    </section>
    <aside v-if="list" v-show="sideOpen" class="side" aria-label="Working" tabindex="0">
      <v-btn class="low-only" size="small" @click="sideOpen = false">Back to the list</v-btn>
      <WorkingPanel
        ref="working"
        :list="list"
        :row="row"
        :cursor="cursor"
        :line="line"
        @fix="applyFix"
        @move="(slot) => row && moveTo(row.id, slot)"
        @lay-aside="
          (finding, reason) =>
            row &&
            changes.change({
              kind: 'lay-aside',
              channel: row.id,
              code: finding.code,
              field: finding.field,
              reason,
            })
        "
        @look-again="
          (finding) =>
            row &&
            changes.change({ kind: 'look-again', channel: row.id, code: finding.code, field: finding.field })
        "
      />
    </aside>
    <KeysDialog v-model="keysOpen" title="Keys of Arrange" :keys="KEYS" />
    <MoveDialog
      v-if="list"
      v-model="moving"
      :list="list"
      @move="(id, slot, way) => changes.change({ kind: 'move', channel: id, slot, way })"
    />
    <template v-if="list">
      <ListPlanDialog
        v-model="planOpen"
        :list="list"
        @go="(plan, licence) => changes.change({ kind: 'go-by', bandPlan: plan, licence })"
      />
      <FindingsDialog
        v-model="findingsOpen"
        :list-id="list.id"
        :version="list.version"
        @look="(slot) => (cursor = slot)"
        @fix="(channelId, line) => changes.change({ kind: 'rewrite', channel: channelId, line })"
      />
      <SatelliteDialog
        v-model="satelliteOpen"
        :list-id="list.id"
        :cursor="cursor"
        @put="(lines, block) => changes.change({ kind: 'put', slot: cursor, lines, block })"
      />
    </template>
    <HistoryDialog
      v-if="list"
      v-model="historyOpen"
      :list-id="list.id"
      :version="list.version"
      @restore="(revision) => changes.restore(revision)"
    />
  </div>
</template>

<style scoped>
.arrange {
  display: grid;
  grid-template-columns: 1fr 340px;
  height: 100%;
  min-height: 0;
}
.middle {
  display: flex;
  flex-direction: column;
  min-height: 0;
  min-width: 0;
}
header {
  display: flex;
  align-items: baseline;
  gap: 14px;
  padding: 14px 20px 8px;
}
.home {
  margin-left: auto;
}
.bar {
  display: flex;
  gap: 6px;
  padding: 0 20px 10px;
}
.bar .v-btn {
  padding-inline: 11px;
}
.space {
  flex: 1;
}
footer {
  display: flex;
  gap: 18px;
  align-items: center;
  min-height: 32px;
  padding: 0 20px;
  border-top: 1px solid var(--line);
  font-size: 12.5px;
  color: var(--quiet);
}
.plan,
.counts {
  color: var(--primary);
  background: none;
  border: 0;
  padding: 0;
  font: inherit;
  cursor: pointer;
  text-align: left;
}
.counts {
  text-decoration: underline;
  text-underline-offset: 3px;
}
.keys {
  margin-left: auto;
  color: inherit;
  background: none;
  border: 0;
  font: inherit;
  cursor: pointer;
}
.side {
  border-left: 1px solid var(--line);
  padding: 14px 16px;
  overflow: auto;
}
.empty {
  padding: 24px;
}
.narrow-only,
.low-only {
  display: none;
}
@media (max-width: 720px) {
  .arrange {
    grid-template-columns: 1fr;
    grid-template-rows: minmax(0, 1fr) minmax(0, 44%);
  }
  .side {
    border-left: 0;
    border-top: 2px solid var(--line);
  }
  header {
    padding: 8px 12px 4px;
  }
  .bar {
    padding: 0 12px 8px;
    gap: 4px;
  }
  .bar .v-btn {
    padding: 0 10px;
    min-width: 0;
  }
  .wide-only,
  footer {
    display: none;
  }
}
@media (max-width: 720px) {
  .narrow-only {
    display: inline-grid;
  }
  .arrange.alone {
    grid-template-rows: minmax(0, 1fr);
  }
}
@media (max-width: 720px) and (max-height: 520px) {
  .arrange:not(.alone) {
    grid-template-rows: minmax(0, 1fr);
  }
  .arrange:not(.alone) .middle {
    display: none;
  }
  .low-only {
    display: inline-grid;
    margin-bottom: 8px;
  }
  .side {
    border: 0;
  }
  header {
    padding: 4px 12px 2px;
  }
  header h1 {
    font-size: 16px;
  }
  .bar {
    padding-bottom: 4px;
  }
}
</style>
