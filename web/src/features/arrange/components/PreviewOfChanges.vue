<script setup lang="ts">
import type { usePreview } from '../composables/usePreview'
import { counted } from '@/shared/words'

/** What channels would become by changes that are asked about. */
type Preview = NonNullable<ReturnType<typeof usePreview>['preview']['value']>
defineProps<{ preview: Preview }>()
const MARKS = [
  ['exact', 'exact'],
  ['adapted', 'adapted'],
  ['byHand', 'by hand'],
  ['leftOut', 'left out'],
] as const
const marks = ({ now, then }: Preview['radios'][number]) =>
  MARKS.filter(([key]) => now[key] !== then[key])
    .map(([key, words]) => `${words} ${now[key]} → ${then[key]}`)
    .join(', ')
const SHOWN = 40
</script>

<template>
  <section role="status">
    <p>
      <b>{{ preview.said }}.</b>
      {{ preview.rewritten.length ? `${counted(preview.rewritten.length, 'line')} would change:` : '' }}
    </p>
    <ul v-if="preview.rewritten.length" class="bare mono small">
      <li v-for="each in preview.rewritten.slice(0, SHOWN)" :key="each.slot">
        {{ each.slot }} <span class="quiet">{{ each.before }}</span> → {{ each.after }}
      </li>
      <li v-if="preview.rewritten.length > SHOWN" class="quiet">
        and {{ preview.rewritten.length - SHOWN }} more
      </li>
    </ul>
    <p v-if="preview.moves.length">
      {{ counted(preview.moves.length, 'channel') }} would go to another slot, for blocks are kept in order.
    </p>
    <ul v-if="preview.radios.length" class="bare small" aria-label="In the radios">
      <li v-for="each in preview.radios" :key="each.radio">
        In <b>{{ each.radio }}</b>: {{ marks(each) || 'as many of each' }}.
        <span v-if="each.worse.length" class="quiet">{{ each.worse.join(', ') }}.</span>
      </li>
    </ul>
  </section>
</template>
