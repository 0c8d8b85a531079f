<script setup lang="ts">
import { computed, ref } from 'vue'
import { useTones } from '../composables/useTones'
import TableSheet from './TableSheet.vue'

const { data } = useTones()
const search = ref('')
/** A figure finds the tones around it; a code finds its tone. */
const shown = computed(() => {
  const all = data.value?.ctcss ?? []
  const wanted = search.value.trim().toUpperCase().replace(',', '.')
  if (!wanted) return all
  const exact = all.filter((tone) => tone.hertz.startsWith(wanted) || tone.code?.startsWith(wanted))
  const figure = Number(wanted)
  if (exact.length || Number.isNaN(figure)) return exact
  return [...all].sort((a, b) => Math.abs(+a.hertz - figure) - Math.abs(+b.hertz - figure)).slice(0, 2)
})
</script>

<template>
  <TableSheet
    v-model="search"
    label="CTCSS tones"
    :found="shown.length"
    :of="data?.ctcss.length ?? 0"
    hint="A tone or code, such as 71.9 or 1A"
  >
    <table>
      <thead>
        <tr>
          <th scope="col" class="figure">Tone, Hz</th>
          <th scope="col">Printed code</th>
          <th scope="col" class="figure">To the next below, Hz</th>
          <th scope="col" class="figure">To the next above, Hz</th>
          <th scope="col">Radios</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="tone in shown" :key="tone.hertz">
          <th scope="row" class="figure mono">
            <b>{{ tone.hertz }}</b>
          </th>
          <td class="mono">{{ tone.code ?? '' }}</td>
          <td class="figure mono quiet">{{ tone.below ?? '' }}</td>
          <td class="figure mono quiet">{{ tone.above ?? '' }}</td>
          <td class="quiet">{{ tone.ofFewRadios ? 'few' : 'most' }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="!shown.length" class="none quiet">No tone begins like that.</p>
  </TableSheet>
</template>

<style scoped>
table .figure {
  text-align: right;
}
.none {
  padding: 0 20px;
}
</style>
