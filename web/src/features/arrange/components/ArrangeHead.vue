<script setup lang="ts">
import { useDisplay } from 'vuetify'
import type { ListView } from '@/shared/api/client'
import SwapList from '@/shared/components/SwapList.vue'
import PageBar from '@/shared/ui/PageBar.vue'
import type { Sheet } from './ArrangeDialogs.vue'

/** What the list is and whom it follows; a phone has no room for more than that. */
defineProps<{ list: ListView }>()
const emit = defineEmits<{ open: [which: Sheet]; find: [] }>()
const { mobile } = useDisplay()
</script>

<template>
  <PageBar :title="list.name">
    <button
      type="button"
      class="plan link"
      title="Change the band plan or the licence"
      @click="emit('open', 'plan')"
    >
      {{ list.bandPlan.shortTitle }} practice, licence {{ list.licence }}
    </button>
    <button
      v-if="!mobile"
      type="button"
      class="link"
      :title="`${list.intent.purpose || 'What the list is for'}; how it names, listens and talks (i)`"
      @click="emit('open', 'intent')"
    >
      About it
    </button>
    <template #acts>
      <template v-if="!mobile">
        <v-btn size="small" title="What each display shows (r)" @click="emit('open', 'names')"
          >Names on radios</v-btn
        >
        <v-btn size="small" title="Banks, and what a scan stops at (B)" @click="emit('open', 'banks')"
          >Banks and scan</v-btn
        >
        <v-btn size="small" title="Ctrl+F" @click="emit('find')">Find in the list</v-btn>
      </template>
      <SwapList />
    </template>
  </PageBar>
</template>
