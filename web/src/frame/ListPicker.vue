<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useOpenList } from '@/shared/composables/useOpenList'
import { useAsked } from '@/shared/ui/useAsked'
import { counted } from '@/shared/words'

// Needed only once somebody wants another list.
const NewListDialog = defineAsyncComponent(() => import('@/shared/list/NewListDialog.vue'))

const router = useRouter()
const { open, lists, choose } = useOpenList()
const NEW = 'new'
const ALL = 'all'
const items = computed(() => [
  ...(lists.value ?? []).map((each) => ({
    value: each.id,
    title: each.name,
    props: { subtitle: counted(each.channels, 'channel') },
  })),
  { value: NEW, title: 'New list…', props: {} },
  { value: ALL, title: 'All lists, copies, the bin…', props: {} },
])
const naming = ref(false)
const asked = useAsked(naming)
function pick(id: string) {
  if (id === NEW) naming.value = true
  else if (id === ALL) void router.push({ name: 'lists' })
  else choose(id)
}
</script>

<template>
  <v-select
    v-if="open"
    class="list-picker"
    variant="plain"
    density="compact"
    aria-label="Open list"
    single-line
    hide-details
    :model-value="open.id"
    :items="items"
    @update:model-value="pick"
  >
    <template #selection>
      <span class="name"
        >{{ open.name }}<small>{{ counted(open.channels, 'channel') }}</small></span
      >
    </template>
  </v-select>
  <v-btn v-else-if="lists" size="small" @click="naming = true">New list</v-btn>
  <NewListDialog v-if="asked" v-model="naming" @made="choose" />
</template>

<style scoped>
.list-picker {
  flex: 0 1 168px;
  color: var(--bar-ink);
}
.list-picker :deep(.v-field) {
  --v-field-padding-top: 0px;
  background: none;
  align-items: center;
}
.list-picker :deep(.v-field__input) {
  padding: 0;
  min-height: 40px;
}
.list-picker :deep(.v-field__append-inner) {
  padding: 0;
  align-items: center;
}
.list-picker :deep(:is(.v-field__input, .v-field__append-inner)) {
  opacity: 1;
}
.name {
  display: grid;
  font-weight: 560;
  line-height: 1.25;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
small {
  font-weight: 400;
  color: var(--bar-quiet);
}
</style>
