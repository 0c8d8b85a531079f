<script setup lang="ts">
import { computed } from 'vue'
import type { ListView, Row } from '@/shared/api/client'
import FitMark from '@/shared/components/FitMark.vue'
import SeverityMark from '@/shared/components/SeverityMark.vue'

const props = defineProps<{ row: Row; radios: ListView['radios']; decimals: number }>()

const short = (tone: string | null) =>
  tone?.replace('CTCSS ', '').replace(/^DCS (\d+) ([NI])$/, 'D$1$2') ?? ''
const aligned = (figure: string) => {
  const missing = props.decimals - (figure.length - figure.indexOf('.') - 1)
  return figure + '\u00a0'.repeat(Math.max(0, missing))
}
const radioName = (id: string) => props.radios.find((radio) => radio.id === id)?.name ?? id
const gravest = computed(() => props.row.findings[0])
const isSum = computed(() => /\d/.test(props.row.sum.shift))
</script>

<template>
  <div role="gridcell" class="name">{{ row.label }}</div>
  <div role="gridcell" class="figure listen-side">
    <span class="listen" :class="{ only: !row.sum.talk }" aria-hidden="true">▽</span
    >{{ aligned(row.sum.listen) }}
  </div>
  <div role="gridcell" class="figure talk-side">
    <template v-if="row.sum.talk">
      <span class="talk" aria-hidden="true">▲</span>{{ aligned(row.sum.talk) }}
    </template>
    <span v-else class="word">listen only</span>
  </div>
  <div role="gridcell" class="shift" :class="{ word: !isSum }">{{ row.sum.shift }}</div>
  <div role="gridcell" class="tone talk">{{ short(row.talkTone) }}</div>
  <div role="gridcell" class="tone listen">{{ short(row.listenTone) }}</div>
  <div role="gridcell" class="word">{{ row.emission }}</div>
  <div role="gridcell" class="word">{{ row.sum.talk ? row.power : '' }}</div>
  <div role="gridcell" class="fits">
    <FitMark v-for="fit in row.fits" :key="fit.radioId" :mark="fit.mark" :radio="radioName(fit.radioId)" />
  </div>
  <div role="gridcell" class="doubt">
    <SeverityMark v-if="gravest" :severity="gravest.severity" />
  </div>
</template>

<style scoped>
.name {
  font-weight: 600;
  padding-left: 12px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.figure {
  font: 15px var(--mono);
  text-align: right;
  padding-right: 14px;
  white-space: nowrap;
}
.figure span {
  font-size: 11px;
  margin-right: 5px;
}
.listen {
  color: var(--primary);
}
.listen.only {
  border-bottom: 1.5px solid var(--primary);
}
.talk {
  color: var(--talk);
}
.figure .word {
  font: 13px var(--body);
  margin: 0;
}
.word {
  color: var(--quiet);
  font-size: 13.5px;
}
.shift {
  font: 13.5px var(--mono);
  text-align: right;
  padding-right: 12px;
  color: var(--quiet);
}
.shift.word {
  font: 13.5px var(--body);
}
.tone {
  font: 13.5px var(--mono);
  text-align: right;
  padding-right: 10px;
}
.fits {
  display: flex;
  gap: 4px;
  align-items: center;
}
.doubt {
  display: flex;
  align-items: center;
}
@media (max-width: 720px) {
  .shift,
  .word:not(.figure *),
  .fits {
    display: none;
  }
}
</style>
