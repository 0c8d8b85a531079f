<script setup lang="ts">
import { mdiClose } from '@mdi/js'
import { useDisplay } from 'vuetify'
import { focusWorkGently } from '../keys/useScreen'

/**
 * The work, and beside it what is said about the thing at the cursor. On a narrow screen the work has all of it, and the other
 * side comes from below when it is asked for.
 */
defineProps<{ label: string; side?: boolean }>()
const open = defineModel<boolean>({ default: false })
const { mobile } = useDisplay()
</script>

<template>
  <div class="split" :class="{ alone: mobile || !side }">
    <section class="work"><slot /></section>
    <aside v-if="side && !mobile" class="side" :aria-label="label" tabindex="0"><slot name="side" /></aside>
    <v-bottom-sheet
      v-if="mobile"
      v-model="open"
      scrollable
      :aria-label="label"
      @after-leave="focusWorkGently"
    >
      <v-card class="from-below">
        <v-btn
          class="close"
          :icon="mdiClose"
          variant="text"
          size="small"
          :aria-label="`Close ${label}`"
          @click="open = false"
        />
        <v-card-text class="side" tabindex="0" role="region" :aria-label="label">
          <slot name="side" />
        </v-card-text>
      </v-card>
    </v-bottom-sheet>
  </div>
</template>

<style scoped>
.split {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 340px;
  height: 100%;
  min-height: 0;
}
.split.alone {
  grid-template-columns: minmax(0, 1fr);
}
.work {
  display: flex;
  flex-direction: column;
  min-height: 0;
  min-width: 0;
}
aside {
  border-left: 1px solid var(--line);
  padding: 14px 16px;
  overflow: auto;
}
.from-below {
  background: var(--ground);
  max-height: min(78dvh, 640px);
  border-radius: 12px 12px 0 0;
}
.from-below .side {
  padding: 14px 16px 24px;
}
.close {
  position: absolute;
  right: 6px;
  top: 6px;
  z-index: 1;
  border: 0;
  background: var(--ground);
}
</style>
