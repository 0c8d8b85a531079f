<script setup lang="ts">
import { computed, ref } from 'vue'
import { useTones } from '../composables/useTones'
import TableSheet from './TableSheet.vue'

const { data } = useTones()
const search = ref('')
const shown = computed(() => {
  const wanted = search.value.trim().toUpperCase().replace(/^D/, '').replace(/[NI]$/, '')
  return (
    data.value?.dcs.filter(
      (each) =>
        each.code.startsWith(wanted) ||
        each.partner?.startsWith(wanted) ||
        each.word.startsWith(wanted) ||
        each.aliases.some((alias) => alias.startsWith(wanted)),
    ) ?? []
  )
})
</script>

<template>
  <TableSheet
    v-model="search"
    label="DCS codes"
    :found="shown.length"
    :of="data?.dcs.length ?? 0"
    hint="A code or word, such as 023 or 763813"
  >
    <table>
      <thead>
        <tr>
          <th scope="col">Code</th>
          <th scope="col">Same as, inverted</th>
          <th scope="col">Word</th>
          <th scope="col">On the air, sent from the right</th>
          <th scope="col">Sounds the same, in no table</th>
          <th scope="col">Radios</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="each in shown" :key="each.code">
          <th scope="row" class="mono">
            <b>{{ each.code }} N</b>
          </th>
          <td class="mono">{{ each.partner }} I</td>
          <td class="mono">{{ each.word }}</td>
          <td class="mono bits">
            {{ each.bits.slice(0, 11) }} <span class="quiet">{{ each.bits.slice(11, 14) }}</span>
            {{ each.bits.slice(14) }}
          </td>
          <td class="mono quiet">{{ each.aliases.join(' ') }}</td>
          <td class="quiet">{{ each.standard ? 'most' : 'many' }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="!shown.length" class="none quiet">No code begins like that. Codes have digits 0 to 7.</p>
    <p v-else class="none quiet">
      Worked out from the Golay generator x¹¹+x⁹+x⁷+x⁶+x⁵+x+1: eleven bits of parity, the fixed 100, nine of
      code.
    </p>
  </TableSheet>
</template>

<style scoped>
.bits {
  font-size: 13px;
}
.none {
  padding: 8px 20px;
}
</style>
