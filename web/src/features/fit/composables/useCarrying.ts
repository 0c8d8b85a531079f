import { computed, type Ref } from 'vue'
import { api, unwrap, type Radio, type Schemas } from '@/shared/api/client'
import { useDoing } from '@/shared/composables/useDoing'

export type Overrule = Omit<Schemas['OverruleView'], 'channelId'>
export type Places = Schemas['PlacesRequest']

/** How a radio carries lists: at which slots, and what is otherwise in it for one channel. */
export function useCarrying(radio: Ref<Radio | null>) {
  const does = useDoing()
  const id = () => radio.value?.id ?? ''
  return {
    carrying: computed(() => radio.value?.carrying ?? null),
    overruleOf: (channel: string) =>
      radio.value?.carrying.overrules.find((each) => each.channelId === channel) ?? null,
    place: (places: Places) =>
      does(
        () => unwrap(api.PUT('/api/radios/{id}/places', { params: { path: { id: id() } }, body: places })),
        `${radio.value?.name} carries lists so from now on; nothing is written yet`,
      ),
    overrule: (channel: string, label: string, overrule: Overrule) =>
      does(
        () =>
          unwrap(
            api.PUT('/api/radios/{id}/overrules/{channel}', {
              params: { path: { id: id(), channel } },
              body: overrule,
            }),
          ),
        `${label} in ${radio.value?.name}: noted`,
      ),
  }
}
