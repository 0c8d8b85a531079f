<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { useKeys } from '@/shared/keys/useKeys'
import PageBar from '@/shared/ui/PageBar.vue'
import BroughtList from './components/BroughtList.vue'
import ColumnMapping from './components/ColumnMapping.vue'
import FileCard from './components/FileCard.vue'
import ImportReport from './components/ImportReport.vue'
import LinesCard from './components/LinesCard.vue'
import ServiceCard from './components/ServiceCard.vue'
import SourceTable from './components/SourceTable.vue'
import { useBringing } from './composables/useBringing'
import { useImport } from './composables/useImport'
import { useSources } from './composables/useSources'

const route = useRoute()
const id = computed(() => String(route.params.id || ''))
const { sources, imports, error: sourcesError, changed, remove } = useSources()
const { busy, refused, show, pull, bringFile, bringLines } = useBringing()
const { current, error, lost } = useImport(id)
watch(() => current.value?.state, changed)
async function linesIn(lines: string, done: () => void) {
  if (await bringLines(lines)) done()
}

const work = ref<HTMLElement | null>(null)
useKeys({ title: 'Sources', keys: [], focus: () => work.value?.focus() })
watch(work, (now) => now?.focus())
</script>

<template>
  <div ref="work" class="sources" tabindex="-1" aria-label="Sources" role="region">
    <PageBar title="Sources of the directory">
      <router-link v-if="id" :to="{ name: 'sources' }">All sources</router-link>
      <router-link :to="{ name: 'find' }">Back to Find</router-link>
    </PageBar>
    <div v-if="id" class="pad">
      <p v-if="lost" role="alert" class="wrong">
        The server does not answer. Reading goes on there; this page asks again.
      </p>
      <p v-if="error" role="alert" class="wrong">{{ error.message }}</p>
      <v-skeleton-loader v-else-if="!current" type="table-tbody" aria-label="Loading" />
      <ColumnMapping
        v-else-if="current.state === 'mapping' && current.columns"
        :key="current.id"
        :brought="current"
        @read="show"
      />
      <ImportReport v-else :key="`report-${current.id}`" :brought="current" @changed="show" />
    </div>
    <div v-else class="all">
      <section class="stack">
        <div>
          <h2>In the directory now</h2>
          <p v-if="sourcesError" role="alert" class="wrong">{{ sourcesError.message }}</p>
          <p v-else-if="sources && !sources.length">
            Nothing yet. Pull the service's listing, or bring a file.
          </p>
          <SourceTable v-else-if="sources" :sources="sources" @remove="remove" />
        </div>
        <div v-if="imports?.length">
          <h2>Brought before</h2>
          <BroughtList :imports="imports" />
        </div>
        <p class="quiet small">
          A listing is read beside the directory first, and you see what is new, changed, gone or in doubt.
          Only what you then take is in it, and each taking can be taken back.
        </p>
      </section>
      <section class="ways">
        <ServiceCard :busy="busy" @pull="pull" />
        <FileCard
          :busy="busy"
          :refused="refused"
          @chosen="refused = ''"
          @bring="(file, charset) => bringFile(file, charset)"
        />
        <LinesCard :busy="busy" @bring="linesIn" />
      </section>
    </div>
  </div>
</template>

<style scoped>
.sources {
  height: 100%;
  overflow: auto;
}
.all {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.15fr);
  gap: 24px;
  padding: 8px 20px 24px;
}
.ways {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(280px, 1fr));
  gap: 16px;
  align-content: start;
  align-items: start;
}
.ways :deep(.card) {
  gap: 12px;
  justify-items: start;
  padding: 14px 16px;
  background: var(--surface);
  border: 1px solid var(--line);
  border-radius: 6px;
}
.ways :deep(.card form) {
  width: 100%;
  gap: 12px;
}
@media (max-width: 720px) {
  .all {
    grid-template-columns: minmax(0, 1fr);
    padding: 8px 12px;
  }
}
</style>
