import { useQuery } from '@tanstack/vue-query'
import { api, unwrap, type Radio, type Reached, type Schemas } from '@/shared/api/client'
import { useRadios } from '@/shared/api/queries'
import { useDoing } from '@/shared/composables/useDoing'

export type Model = Schemas['DefinitionView']
/** What is known of a radio besides its model; the model is said once, when it is added. */
export interface Known {
  name: string
  label: string
  serial: string
  firmware: string
  antenna: string
  note: string
}

/** How a radio is reached, and at which port or folder. */
export interface Line {
  reached: Reached
  at: string
}

export const LABELS = [
  '',
  'black',
  'blue',
  'brown',
  'green',
  'grey',
  'orange',
  'red',
  'violet',
  'white',
  'yellow',
]

export const useModels = () =>
  useQuery({ queryKey: ['models'], queryFn: () => unwrap(api.GET('/api/radio-models')) })

/** The person's radios, those laid aside, and what can be done with them. */
export function useShelf() {
  const does = useDoing()
  const { data: radios, error } = useRadios()
  const { data: retired } = useQuery({
    queryKey: ['retired'],
    queryFn: () => unwrap(api.GET('/api/radios/retired')),
  })

  const path = (radio: Radio) => ({ params: { path: { id: radio.id } } })
  return {
    radios,
    retired,
    error,
    add: (model: string, known: Known, line: Line) =>
      does(
        () => unwrap(api.POST('/api/radios', { body: { model, ...known, ...line } })),
        `${known.name} is on the shelf`,
      ),
    change: (radio: Radio, known: Known, line: Line) =>
      does(
        () =>
          unwrap(
            api.PUT('/api/radios/{id}', {
              ...path(radio),
              body: { baseVersion: radio.shelf.version, ...known, ...line },
            }),
          ),
        `${known.name} is changed`,
      ),
    lend: (radio: Radio, to: string, note: string) =>
      does(
        () => unwrap(api.POST('/api/radios/{id}/lend', { ...path(radio), body: { to, note } })),
        `${radio.name} is with ${to}`,
      ),
    getBack: (radio: Radio, note: string) =>
      does(
        () => unwrap(api.POST('/api/radios/{id}/get-back', { ...path(radio), body: { note } })),
        `${radio.name} is back`,
      ),
    retire: (radio: Radio) =>
      does(
        () => unwrap(api.POST('/api/radios/{id}/retire', path(radio))),
        `${radio.name} is laid aside; its snapshots stay`,
      ),
    /** Deletes a retired radio with the snapshots that were counted for the question. */
    remove: (radio: Radio, snapshots: number) =>
      does(
        () =>
          unwrap(
            api.DELETE('/api/radios/{id}', {
              params: { path: { id: radio.id }, query: { snapshots } },
            }),
          ),
        `${radio.name} is deleted`,
      ),
    takeUp: (radio: Radio) =>
      does(() => unwrap(api.POST('/api/radios/{id}/take-up', path(radio))), `${radio.name} is in use again`),
  }
}
