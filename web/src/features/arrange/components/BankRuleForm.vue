<script setup lang="ts">
import { computed, ref } from 'vue'
import type { ListView, Schemas } from '@/shared/api/client'
import FieldRow from '@/shared/ui/FieldRow.vue'
import { asksNothing, copyOf, nothing } from '../belongs'
import BelongsFields from './BelongsFields.vue'

/** What is in a bank by itself: all of a block, or what is so. */
const props = defineProps<{ bank: Schemas['BankView']; list: ListView }>()
const emit = defineEmits<{ set: [rule: Schemas['BankRuleView'] | null]; leave: [] }>()
const block = ref<string | null>(props.bank.rule?.block ?? null)
const belongs = ref(copyOf(props.bank.rule?.belongs ?? nothing()))
const rule = computed(() => ({
  block: block.value,
  belongs: asksNothing(belongs.value) ? null : belongs.value,
}))
const blocks = computed(() => props.list.blocks.map((each) => each.name))
</script>

<template>
  <section class="ruling stack" :aria-label="`What is in ${bank.name} by itself`">
    <h2>What is in {{ bank.name }} by itself</h2>
    <BelongsFields v-model="belongs" :list="list" />
    <FieldRow>
      <v-select v-model="block" label="All of block" clearable :items="blocks" />
      <v-btn
        color="primary"
        variant="flat"
        :disabled="!rule.block && !rule.belongs"
        @click="emit('set', rule)"
        >Fill it so</v-btn
      >
      <v-btn v-if="bank.rule" @click="emit('set', null)">Fill it by hand, what is in it stays</v-btn>
      <v-btn variant="text" @click="emit('leave')">Leave it</v-btn>
    </FieldRow>
  </section>
</template>

<style scoped>
.ruling {
  --field: 190px;
  gap: 10px;
  border-left: 3px solid var(--line);
  padding-left: 12px;
}
</style>
