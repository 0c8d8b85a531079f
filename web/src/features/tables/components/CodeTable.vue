<script setup lang="ts">
import { computed, ref } from 'vue'
import { useTones, useTonesInUse } from '../composables/useTones'
import TableSheet from './TableSheet.vue'

const { data } = useTones()
const { open, users } = useTonesInUse()
const search = ref('')
const shown = computed(() => {
  const wanted = search.value.replace(/[\s-]/g, '').toUpperCase()
  return data.value?.dcs.filter((each) => each.spellings.some((way) => way.startsWith(wanted))) ?? []
})
const first = computed(() => data.value?.dcs[0])
const usedBy = (code: string, partner: string | null) =>
  [...(users.value.get(`DCS ${code} N`) ?? []), ...(users.value.get(`DCS ${partner ?? ''} I`) ?? [])].join(
    ', ',
  )
</script>

<template>
  <TableSheet
    v-model="search"
    label="DCS codes"
    :found="shown.length"
    :of="data?.dcs.length ?? 0"
    hint="A code or word, such as 023 or 763813"
  >
    <thead>
      <tr>
        <th scope="col">Code</th>
        <th scope="col">Same as, inverted</th>
        <th scope="col">Word</th>
        <th scope="col">On the air, sent from the right</th>
        <th scope="col">Sounds the same, in no table</th>
        <th scope="col">Radios</th>
        <th scope="col">In {{ open?.name ?? 'the open list' }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="each in shown" :key="each.code">
        <th scope="row" class="mono">{{ each.code }} N</th>
        <td class="mono">{{ each.partner }} I</td>
        <td class="mono">{{ each.word }}</td>
        <td class="mono">
          {{ each.bits.slice(0, 11) }} <span class="quiet">{{ each.bits.slice(11, 14) }}</span>
          {{ each.bits.slice(14) }}
        </td>
        <td class="mono quiet">{{ each.aliases.join(' ') }}</td>
        <td class="quiet">{{ each.standard ? 'most' : 'many' }}</td>
        <td>{{ usedBy(each.code, each.partner) }}</td>
      </tr>
      <tr v-if="!shown.length">
        <td colspan="7" class="quiet">No code begins like that. Codes have digits 0 to 7.</td>
      </tr>
    </tbody>
    <template #beside>
      <h2>A code below the voice</h2>
      <p>
        134.4 bits a second, the same 23 over and over. Nothing says where they begin, so a receiver hears the
        same code whichever bit comes first.
      </p>
      <h2>N and I</h2>
      <p>
        Upside down, one code becomes another: {{ first?.code }} N sounds like {{ first?.partner }} I. Radios
        differ in what they call inverted. If a repeater with a code does not answer, try its partner.
      </p>
      <h2>Where the words come from</h2>
      <p>
        Worked out from the Golay generator x¹¹+x⁹+x⁷+x⁶+x⁵+x+1: eleven bits of parity, the fixed 100, nine of
        code.
      </p>
    </template>
  </TableSheet>
</template>

<style scoped>
.mono {
  white-space: nowrap;
}
</style>
