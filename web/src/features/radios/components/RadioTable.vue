<script setup lang="ts">
import type { Radio } from '@/shared/api/client'
import SeverityMark from '@/shared/components/SeverityMark.vue'
import SheetTable from '@/shared/ui/SheetTable.vue'
import { moment } from '@/shared/words'

/** The radios in use: which is which, who has it, what it holds, and what of it is set wrong. */
defineProps<{ radios: Radio[] }>()
const emit = defineEmits<{ edit: [radio: Radio]; lend: [radio: Radio]; retire: [radio: Radio] }>()
const wrong = (radio: Radio) => radio.settings.filter((each) => each.fails)
</script>

<template>
  <SheetTable label="Radios in use">
    <thead>
      <tr>
        <th scope="col">Radio</th>
        <th scope="col">Model</th>
        <th scope="col" class="roomy">Who has it</th>
        <th scope="col" class="roomy">Holds</th>
        <th scope="col" class="roomy">Settings and parts</th>
        <th scope="col"><span class="unseen">What to do</span></th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="radio in radios" :key="radio.id" class="middle">
        <th scope="row">
          <span
            v-if="radio.shelf.label"
            class="label"
            role="img"
            :aria-label="`${radio.shelf.label} label`"
            :title="`${radio.shelf.label} label`"
            :style="{ background: radio.shelf.label }"
          />
          <router-link :to="{ name: 'fit', params: { radio: radio.id } }">{{ radio.name }}</router-link>
          <span v-if="radio.shelf.note" class="quiet small note">{{ radio.shelf.note }}</span>
        </th>
        <td>
          <router-link :to="{ name: 'models', params: { id: radio.modelId } }">{{ radio.model }}</router-link>
        </td>
        <td class="roomy">
          <template v-if="radio.shelf.lent">
            {{ radio.shelf.lent.to }}
            <span class="quiet small note">since {{ moment(radio.shelf.lent.at) }}</span>
          </template>
          <span v-else class="quiet">here</span>
        </td>
        <td class="roomy">
          <span v-if="radio.halfWritten" class="wrong">half written</span>
          <span
            v-else-if="radio.unknownSince"
            title="An archive was restored. Read the radio to see what it holds."
            >unknown since the restore
            <span class="quiet small note">{{ moment(radio.unknownSince) }}</span></span
          >
          <template v-else-if="radio.loaded">
            {{ radio.loaded.listName }}
            <span class="quiet small note">{{ moment(radio.loaded.since) }}</span>
          </template>
          <span v-else class="quiet">{{ radio.line.way === 'keys' ? 'keyed in by hand' : 'not known' }}</span>
        </td>
        <td class="roomy">
          <span v-for="each in wrong(radio)" :key="each.name" class="note" :title="each.why">
            <SeverityMark severity="doubt" /> {{ each.name }} is {{ each.value }}
          </span>
          <span
            v-if="radio.shelf.antenna || radio.shelf.firmware || radio.shelf.serial"
            class="quiet small note"
          >
            {{
              [
                radio.shelf.antenna,
                radio.shelf.firmware && `firmware ${radio.shelf.firmware}`,
                radio.shelf.serial,
              ]
                .filter(Boolean)
                .join(' · ')
            }}
          </span>
        </td>
        <td class="end">
          <div class="acts">
            <v-btn size="small" :aria-label="`Edit ${radio.name}`" @click="emit('edit', radio)">Edit</v-btn>
            <v-btn
              size="small"
              :aria-label="radio.shelf.lent ? `${radio.name} is back` : `Lend ${radio.name}`"
              @click="emit('lend', radio)"
              >{{ radio.shelf.lent ? 'Is back' : 'Lend' }}</v-btn
            >
            <v-btn size="small" :aria-label="`Lay ${radio.name} aside`" @click="emit('retire', radio)"
              >Lay aside</v-btn
            >
          </div>
        </td>
      </tr>
    </tbody>
  </SheetTable>
</template>

<style scoped>
.label {
  display: inline-block;
  width: 12px;
  height: 12px;
  border: 1px solid var(--ink);
  border-radius: 2px;
  margin-right: 6px;
  vertical-align: -1px;
}
.note {
  display: block;
  font-weight: 400;
  max-width: 40ch;
}
.acts {
  flex-wrap: nowrap;
  gap: 6px;
  justify-content: end;
}
@media (max-width: 720px) {
  .roomy {
    display: none;
  }
  .acts {
    flex-wrap: wrap;
  }
}
</style>
