<script setup lang="ts">
import type { Schemas } from '@/shared/api/client'

defineProps<{ sum: Schemas['Sum'] }>()
</script>

<template>
  <dl class="pair">
    <div class="side">
      <dt><span class="listen" aria-hidden="true">▽</span> you listen</dt>
      <dd class="figure">{{ sum.listen }} <small>MHz</small></dd>
    </div>
    <div class="side">
      <template v-if="sum.talk">
        <dt><span class="talk" aria-hidden="true">▲</span> you talk</dt>
        <dd class="figure">{{ sum.talk }} <small>MHz</small></dd>
      </template>
      <template v-else>
        <dt><span class="listen only" aria-hidden="true">▽</span> listen only</dt>
        <dd>never talks</dd>
      </template>
    </div>
  </dl>
</template>

<style scoped>
.pair {
  display: grid;
  gap: 2px;
}
.side {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
}
dt {
  color: var(--quiet);
  font-size: 13.5px;
}
dt span {
  font-size: 16px;
}
.only {
  border-bottom: 2px solid var(--primary);
}
.figure {
  font-size: 21px;
}
small {
  font-size: 13px;
  color: var(--quiet);
}
</style>
