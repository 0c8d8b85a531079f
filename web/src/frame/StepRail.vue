<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { BESIDES, STEPS, stepOf } from './steps'

/** The steps at the left edge; where there is no room for it, along the foot. */
defineProps<{ foot: boolean }>()
const route = useRoute()
const here = computed(() => stepOf(String(route.name))?.name)
const ALL = [...STEPS, ...BESIDES]
const below = (name: string) => name === BESIDES[0]?.name
</script>

<template>
  <v-bottom-navigation
    v-if="foot"
    tag="nav"
    aria-label="Steps"
    grow
    :height="56"
    bg-color="rail"
    :elevation="0"
  >
    <v-btn
      v-for="step in ALL"
      :key="step.name"
      :to="{ name: step.name }"
      :active="step.name === here"
      :aria-current="step.name === here ? 'page' : undefined"
    >
      <v-icon :icon="step.icon" />
      <span>{{ step.word }}</span>
    </v-btn>
  </v-bottom-navigation>
  <v-navigation-drawer v-else tag="div" permanent rail :rail-width="76" color="rail">
    <v-list nav tag="nav" role="navigation" aria-label="Steps" class="rail">
      <template v-for="step in ALL" :key="step.name">
        <v-divider v-if="below(step.name)" class="mb-2 mt-1" />
        <v-list-item
          :to="{ name: step.name }"
          :active="step.name === here"
          :aria-current="step.name === here ? 'page' : undefined"
          :title="step.word"
          :aria-keyshortcuts="step.key && `Alt+${step.key}`"
          color="primary"
        >
          <template #prepend><v-icon :icon="step.icon" size="22" /></template>
        </v-list-item>
      </template>
    </v-list>
  </v-navigation-drawer>
</template>

<style scoped>
.rail {
  padding: 8px 4px;
}
.rail .v-list-item {
  grid-template: 'prepend' 'content' / 1fr;
  justify-items: center;
  padding: 7px 0 5px;
  min-height: 0;
  color: var(--quiet);
}
.rail .v-list-item--active {
  color: var(--primary);
}
.rail :deep(.v-list-item__spacer) {
  display: none;
}
.rail :deep(.v-list-item-title) {
  font-size: 12.5px;
  font-weight: inherit;
}
.rail :deep(.v-icon) {
  opacity: 1;
}
.v-btn {
  min-width: 0;
  padding: 0;
}
</style>
