import { ref, watch, type Ref } from 'vue'

/** Whether something was ever opened: until then it is not even loaded. */
export function useAsked(open: Ref<unknown>) {
  const asked = ref(false)
  watch(open, (now) => (asked.value ||= !!now), { immediate: true, flush: 'sync' })
  return asked
}
