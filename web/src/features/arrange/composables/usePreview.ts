import { ref, shallowRef } from 'vue'
import { api, unwrap, type Edit, type ListView, type Schemas } from '@/shared/api/client'

/** An edit that is shown before it is made: which channels would go where. */
export function usePreview(list: () => ListView, make: (edit: Edit) => Promise<boolean>) {
  const asked = shallowRef<Edit | null>(null)
  const preview = ref<Schemas['Preview'] | null>(null)
  const refused = ref('')
  function forget() {
    asked.value = preview.value = null
    refused.value = ''
  }
  async function ask(edit: Edit) {
    forget()
    asked.value = edit
    try {
      const { id, version } = list()
      const shown = await unwrap(
        api.POST('/api/lists/{id}/changes/preview', {
          params: { path: { id } },
          body: { baseVersion: version, edits: [edit] },
        }),
      )
      // Another one may have been asked for meanwhile.
      if (asked.value === edit) preview.value = shown
    } catch (cause) {
      refused.value = cause instanceof Error ? cause.message : String(cause)
    }
  }
  async function set() {
    if (asked.value && (await make(asked.value))) forget()
  }
  return { preview, refused, ask, set, forget }
}
