<script setup lang="ts">
import { computed, ref } from 'vue'
import { useNearestTones, useTones, useTonesInUse } from '../composables/useTones'
import TableSheet from './TableSheet.vue'

const { data } = useTones()
const { open, users } = useTonesInUse()
const search = ref('')
const wanted = computed(() => search.value.trim().toUpperCase().replace(',', '.'))
const begins = computed(
  () =>
    data.value?.ctcss.filter(
      (tone) => tone.hertz.startsWith(wanted.value) || tone.code?.startsWith(wanted.value),
    ) ?? [],
)
const isFigure = computed(() => /^\d+(\.\d*)?$/.test(wanted.value) && !begins.value.length)
const { data: near } = useNearestTones(wanted, isFigure)
/** A figure that is no tone finds the two that it may have been meant as. */
const shown = computed(() =>
  isFigure.value
    ? (near.value ?? []).flatMap(
        (each) => data.value?.ctcss.filter((tone) => tone.hertz === each.hertz) ?? [],
      )
    : begins.value,
)
const usedBy = (hertz: string) => users.value.get(`CTCSS ${hertz}`) ?? []
</script>

<template>
  <TableSheet
    v-model="search"
    label="CTCSS tones"
    :found="shown.length"
    :of="data?.ctcss.length ?? 0"
    hint="A tone or code, such as 71.9 or 1A"
  >
    <thead>
      <tr>
        <th scope="col" class="figure">Tone, Hz</th>
        <th scope="col">Printed code</th>
        <th scope="col" class="figure">To the next below, Hz</th>
        <th scope="col" class="figure">To the next above, Hz</th>
        <th scope="col">Radios</th>
        <th scope="col">In {{ open?.name ?? 'the open list' }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="tone in shown" :key="tone.hertz">
        <th scope="row" class="figure">{{ tone.hertz }}</th>
        <td class="mono">{{ tone.code ?? '' }}</td>
        <td class="figure quiet">{{ tone.below ?? '' }}</td>
        <td class="figure quiet">{{ tone.above ?? '' }}</td>
        <td class="quiet">{{ tone.ofFewRadios ? 'few' : 'most' }}</td>
        <td>{{ usedBy(tone.hertz).join(', ') }}</td>
      </tr>
      <tr v-if="!shown.length">
        <td colspan="6" class="quiet">No tone begins like that.</td>
      </tr>
    </tbody>
    <template #beside>
      <h2>A tone below the voice</h2>
      <p>
        Talked with, it opens the repeater; listened for, it keeps your loudspeaker shut until it is heard. A
        tone on the wrong side is a common reason for a repeater that does not answer, or for a radio that
        seems deaf.
      </p>
      <p>
        <b class="talk">Talk tone</b>: what the directory prints, unless it says otherwise. Without it the
        repeater does not open.
      </p>
      <p>
        <b class="listen">Listen tone</b>: leave it out at first. If the repeater sends none, you would hear
        nothing at all.
      </p>
      <h2>Neighbours</h2>
      <p>
        Neighbours lie a few hertz apart. A repeater may open to a neighbour now and then, which looks like a
        bad aerial. A figure that is no tone finds the two it may have been meant as.
      </p>
      <h2>Printed codes</h2>
      <p>Some directories print two characters for the tone. The Reckon line reads them too.</p>
    </template>
  </TableSheet>
</template>
