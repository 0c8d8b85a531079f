import { ref, shallowRef } from 'vue'
import { api, unwrap, type Edit, type ListView, type Schemas } from '@/shared/api/client'

/** Edits that are shown before they are made: which channels would go where, and what would become of them. */
export function usePreview(list: () => ListView, make: (...edits: Edit[]) => Promise<boolean>) {
  const asked = shallowRef<Edit[] | null>(null)
  const preview = ref<Schemas['Preview'] | null>(null)
  const refused = ref('')
  function forget() {
    asked.value = preview.value = null
    refused.value = ''
  }
  async function ask(...edits: Edit[]) {
    forget()
    asked.value = edits
    try {
      const { id, version } = list()
      const shown = await unwrap(
        api.POST('/api/lists/{id}/changes/preview', {
          params: { path: { id } },
          body: { baseVersion: version, edits },
        }),
      )
      // Another one may have been asked for meanwhile.
      if (asked.value === edits) preview.value = shown
    } catch (cause) {
      if (asked.value === edits) refused.value = cause instanceof Error ? cause.message : String(cause)
    }
  }
  async function set() {
    if (asked.value && (await make(...asked.value))) forget()
  }
  return { preview, refused, ask, set, forget }
}
