<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, unwrap } from '@/shared/api/client'
import { useRadios } from '@/shared/api/queries'
import KeyLines from '@/shared/components/KeyLines.vue'
import { useKeptText } from '@/shared/composables/useKeptText'
import { useOpenList } from '@/shared/composables/useOpenList'
import { useKeys } from '@/shared/keys/useKeys'
import PageBar from '@/shared/ui/PageBar.vue'
import { counted, moment } from '@/shared/words'
import StepPages, { CARRY } from '@/shared/components/StepPages.vue'

/** A whole list keyed into a radio by hand, on paper: slot by slot, and the settings that no link reaches. */
const { openId: opened } = useOpenList()
const openId = computed(() => opened.value ?? '')
const { data: radios } = useRadios()
const kept = useKeptText('reckonrod.keys.radio')
const keyed = computed(() => (radios.value ?? []).filter((each) => each.keysKnown))
const radio = computed({
  get: () => keyed.value.find((each) => each.id === kept.value)?.id ?? keyed.value[0]?.id ?? '',
  set: (id: string) => (kept.value = id),
})
const only = useKeptText('reckonrod.keys.only')
const differing = computed({
  get: () => only.value === 'differing',
  set: (now: boolean) => (only.value = now ? 'differing' : ''),
})
const { data: sheets, error } = useQuery({
  queryKey: ['all-keys', openId, radio, differing],
  enabled: computed(() => radio.value !== '' && openId.value !== ''),
  staleTime: 0,
  queryFn: () =>
    unwrap(
      api.GET('/api/lists/{list}/keys/all', {
        params: { path: { list: openId.value }, query: { radio: radio.value, differing: differing.value } },
      }),
    ),
})
const minutes = (seconds: number) => `${Math.max(1, Math.round(seconds / 60))} min`
const byHand = computed(() => sheets.value?.slots.filter((each) => each.lines.length) ?? [])
const notByHand = computed(() => sheets.value?.slots.filter((each) => !each.lines.length) ?? [])
const settings = computed(() => sheets.value?.settings.filter((each) => each.lines.length) ?? [])
const print = () => window.print()
const work = ref<HTMLElement | null>(null)
useKeys({
  title: 'Carry',
  focus: () => work.value?.focus(),
  keys: [{ on: ['p'], shown: 'p', does: 'print the page', act: print }],
})
</script>

<template>
  <section ref="work" tabindex="-1" aria-label="Carry" class="column">
    <PageBar title="Carry" class="no-print">
      <v-select
        v-model="radio"
        label="Into"
        :items="keyed.map((each) => ({ value: each.id, title: each.name }))"
        density="compact"
        hide-details
        class="into"
      />
      <v-checkbox v-model="differing" label="Only what differs from what it was read to hold" />
      <template #acts>
        <StepPages step="Carry" :pages="CARRY" />
        <v-btn color="primary" variant="flat" :disabled="!byHand.length" @click="print">Print</v-btn>
      </template>
    </PageBar>
    <div class="scroll">
      <p v-if="error" class="pad wrong" role="alert">{{ error.message }}</p>
      <p v-else-if="radios && !keyed.length" class="pad">
        None of your radios has its keys in its definition. A model can have them under
        <router-link :to="{ name: 'models' }">Models</router-link>, as <span class="mono">panel</span>.
      </p>
      <article v-else-if="sheets" class="paper">
        <h1>{{ sheets.list }}, by the keys of {{ sheets.radio }}</h1>
        <p class="made">
          {{ sheets.model }} · made {{ moment(sheets.madeAt) }} from version {{ sheets.version }} of the
          list<template v-if="differing && sheets.readAt"
            >, beside what it held {{ moment(sheets.readAt) }}; what only the radio holds stays</template
          >
        </p>
        <p v-if="!sheets.slots.length">
          <template v-if="differing">It holds all of this list that goes into it, as it was read.</template>
          <template v-else>Nothing of this list goes into this radio.</template>
        </p>
        <p v-else>
          {{ counted(byHand.length, 'channel') }} with {{ counted(sheets.presses, 'key') }}, about
          {{ minutes(sheets.seconds) }} by hand<template v-if="sheets.linkSeconds">
            · by its link about {{ sheets.linkSeconds }} s</template
          ><template v-else> · it has no link</template>. {{ sheets.begin }} Leave no more than
          {{ sheets.pauseSeconds }} s between two keys; each slot begins anew, so a slip in one does no harm
          to the next.
        </p>
        <p v-if="notByHand.length">
          <b>Not by keys:</b>
          <span v-for="each in notByHand" :key="each.channelId" class="each"
            >{{ each.channel }}. {{ each.cannot.join(' ') }}</span
          >
        </p>
        <p v-if="sheets.left.length"><b>Left out by the radio:</b> {{ sheets.left.join(', ') }}.</p>
        <section v-for="each in byHand" :key="each.channelId" class="sheet">
          <h2>
            Slot {{ each.slot }} <span>{{ each.content }} · {{ counted(each.presses, 'key') }}</span>
          </h2>
          <p v-if="each.cannot.length" class="made">{{ each.cannot.join(' ') }}</p>
          <KeyLines :lines="each.lines" />
        </section>
        <template v-if="sheets.spare.length">
          <h1>Only in the radio</h1>
          <p>These stay. Whoever wants one of them gone clears it.</p>
          <section v-for="each in sheets.spare" :key="each.slot" class="sheet">
            <h2>
              Slot {{ each.slot }} <span>{{ each.content }}</span>
            </h2>
            <KeyLines v-if="each.lines.length" :lines="each.lines" />
            <p v-else class="made">Its keys cannot clear it.</p>
          </section>
        </template>
        <template v-if="settings.length">
          <h1>Settings of the radio, as advised</h1>
          <section v-for="each in settings" :key="each.name" class="sheet">
            <h2>
              {{ each.name }}: {{ each.advised }} <span>{{ each.why }}</span>
            </h2>
            <KeyLines :lines="each.lines" />
          </section>
        </template>
        <section v-if="sheets.reset.length" class="sheet">
          <h1>Everything cleared</h1>
          <p><b>This clears every slot and every setting. Read the radio first, and keep that.</b></p>
          <KeyLines :lines="sheets.reset" />
        </section>
        <footer>
          Transmitting needs a licence, and local rules and the local frequency coordinator prevail over what
          stands here. In an emergency call the public emergency number first; when life is in danger and
          nothing else works, any means may be used, as local law has it.
        </footer>
      </article>
      <v-skeleton-loader v-else-if="radio" type="heading, table-tbody" aria-label="Working out the keys" />
    </div>
  </section>
</template>

<style scoped>
.into {
  min-width: 220px;
}
.paper {
  background: #fff;
  color: #000;
  margin: 4px 20px 20px;
  padding: 24px 28px;
  max-width: 900px;
  font-size: 13px;
  border: 1px solid var(--line);
}
.paper h1 {
  font-size: 20px;
  margin-top: 12px;
}
.paper h2 {
  color: inherit;
  font-size: 15px;
  margin: 12px 0 2px;
}
.paper h2 span,
.made,
footer {
  font-weight: 400;
  font-size: 12px;
}
.each {
  display: block;
}
.sheet {
  break-inside: avoid;
  border-top: 1px solid #999;
}
footer {
  margin-top: 16px;
}
@media print {
  .paper {
    border: 0;
    margin: 0;
    padding: 0;
    max-width: none;
  }
}
</style>
