<script setup lang="ts">
import SheetTable from '@/shared/ui/SheetTable.vue'
import { counted, moment } from '@/shared/words'
import { useKeptPlans } from '../composables/usePlans'

/** Kept plans, one line each; a failure of one stops none. */
const { plans, ready, forget, run } = useKeptPlans()
const WORDS = { WAITING: 'waits', RUNNING: 'is being written', DONE: 'done', FAILED: 'failed' }
</script>

<template>
  <section v-if="plans?.length" aria-labelledby="kept-plans">
    <h2 id="kept-plans">Kept plans</h2>
    <p class="acts">
      <v-btn v-if="ready.length" color="primary" variant="flat" @click="run">
        {{ ready.length === 1 ? 'Write it' : `Write these ${ready.length}, one after the other` }}
      </v-btn>
      <span class="quiet small">{{ counted(plans.length, 'plan') }}; one that fails stops none.</span>
    </p>
    <SheetTable label="Plans, one a line">
      <thead>
        <tr>
          <th scope="col">Radio</th>
          <th scope="col">What</th>
          <th scope="col">How it stands</th>
          <th scope="col"><span class="unseen">What to do</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="each in plans" :key="each.id" class="middle">
          <th scope="row">
            <router-link :to="{ name: 'load', params: { radio: each.radioId } }">{{
              each.radio
            }}</router-link>
          </th>
          <td>
            {{ each.listName }}: {{ each.says }}
            <span class="quiet small note">kept {{ moment(each.keptAt) }}</span>
          </td>
          <td :class="{ wrong: each.state === 'FAILED' }" role="status">
            {{ each.stale ? 'not as it was shown' : WORDS[each.state] }}
            <span v-if="each.stale || each.message" class="small note">{{ each.stale || each.message }}</span>
          </td>
          <td class="end">
            <v-btn
              size="small"
              :aria-label="`Plan of ${each.radio} on paper`"
              :to="{ name: 'plan-paper', params: { id: each.id } }"
              >On paper</v-btn
            >
            <v-btn
              size="small"
              :disabled="each.state === 'RUNNING'"
              :aria-label="`Drop the plan of ${each.radio}`"
              @click="forget(each.id)"
              >Drop</v-btn
            >
          </td>
        </tr>
      </tbody>
    </SheetTable>
  </section>
</template>

<style scoped>
.acts {
  margin: 6px 0 10px;
}
.end .v-btn {
  margin-left: 6px;
}
</style>
