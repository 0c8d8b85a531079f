<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { useKeys } from '@/shared/keys/useKeys'
import PageBar from '@/shared/ui/PageBar.vue'
import { moment } from '@/shared/words'
import { useKeptPlans } from './composables/usePlans'

/** A kept plan on paper: every slot that it writes, and every one that it leaves. */
const route = useRoute()
const { plans } = useKeptPlans()
const plan = computed(() => plans.value?.find((each) => each.id === route.params.id))
const print = () => window.print()
useKeys({
  title: 'Plan on paper',
  focus: () => {},
  keys: [{ on: ['p'], shown: 'p', does: 'print the page', act: print }],
})
</script>

<template>
  <PageBar title="Plan on paper" class="no-print">
    <template #acts>
      <v-btn v-if="plan" :to="{ name: 'load', params: { radio: plan.radioId } }">Back to Load</v-btn>
      <v-btn color="primary" variant="flat" :disabled="!plan" @click="print">Print</v-btn>
    </template>
  </PageBar>
  <article v-if="plan" class="paper">
    <h1>{{ plan.radio }}: {{ plan.listName }}</h1>
    <p>{{ plan.says }} · kept {{ moment(plan.keptAt) }}</p>
    <ul>
      <li v-for="line in plan.lines" :key="line">{{ line }}</li>
    </ul>
    <footer>
      Nothing else is written. Transmitting needs a licence, and local rules and the local frequency
      coordinator prevail over what stands here.
    </footer>
  </article>
  <p v-else-if="plans" class="pad" role="alert">There is no such plan any more.</p>
</template>

<style scoped>
.paper {
  max-width: 780px;
  margin: 0 auto;
  padding: 24px;
  background: #fff;
  color: #000;
}
h1 {
  font-size: 1.4rem;
}
ul {
  list-style: none;
  padding: 0;
}
li {
  padding: 3px 0;
  border-bottom: 1px solid #bbb;
}
footer {
  margin-top: 18px;
  font-size: 0.85rem;
}
</style>
