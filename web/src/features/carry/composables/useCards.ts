import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, unwrap, type Schemas } from '@/shared/api/client'
import { useRadios } from '@/shared/api/queries'
import { useKeptText } from '@/shared/composables/useKeptText'
import { useNotice } from '@/shared/composables/useNotice'
import { useOpenList } from '@/shared/composables/useOpenList'
import { useList } from '@/shared/list/useList'
import type { Sheet } from '@/shared/paper'
import { saveFile } from '@/shared/saveFile'

export type CardKind = Schemas['CardsRequest']['kind']

const kept = (key: string) => useKeptText(`reckonrod.cards.${key}`)

/** Which cards, of which channels, on which paper; how they look, and the file. All of it outlives a reload. */
export function useCards() {
  const { openId } = useOpenList()
  const { data: list, error: listError } = useList(openId)
  const { data: radios } = useRadios()
  const { tell, tellProblem } = useNotice()
  const texts = {
    kind: kept('kind'),
    radio: kept('radio'),
    size: kept('size'),
    large: kept('large'),
    only: kept('only'),
    chosen: kept('chosen'),
    owner: kept('owner'),
    reach: kept('reach'),
    back: kept('back'),
    first: kept('first'),
  }
  const kind = computed({
    get: () => (texts.kind.value || 'channel') as CardKind,
    set: (now: CardKind) => (texts.kind.value = now),
  })
  const size = computed({
    get: () => (texts.size.value || 'a4') as Sheet,
    set: (now: Sheet) => (texts.size.value = now),
  })
  const large = computed({
    get: () => texts.large.value === 'yes',
    set: (now: boolean) => (texts.large.value = now ? 'yes' : ''),
  })
  const differing = computed({
    get: () => texts.only.value === 'differing',
    set: (now: boolean) => (texts.only.value = now ? 'differing' : ''),
  })
  const needsKeys = computed(() => kind.value === 'keys' || kind.value === 'settings')
  const choices = computed(() => (radios.value ?? []).filter((each) => !needsKeys.value || each.keysKnown))
  const radio = computed({
    get: () => {
      const known = choices.value.find((each) => each.id === texts.radio.value)?.id
      return known ?? (kind.value === 'channel' ? '' : (choices.value[0]?.id ?? ''))
    },
    set: (now: string) => (texts.radio.value = now),
  })
  /** By list, for the channels of one are none of another. */
  const chosen = computed({
    get: () => {
      const [of, ...ids] = texts.chosen.value.split(' ')
      return of === openId.value ? ids : []
    },
    set: (now: string[]) => (texts.chosen.value = [openId.value ?? '', ...now].join(' ')),
  })
  const first = computed({
    get: () => list.value?.rows.find((each) => each.id === texts.first.value)?.id ?? '',
    set: (now: string) => (texts.first.value = now),
  })
  const ofChannels = computed(() => kind.value !== 'settings' && kind.value !== 'lending')
  const request = computed(() => ({
    kind: kind.value,
    radio: radio.value || null,
    size: size.value,
    large: large.value,
    differing: kind.value === 'keys' && differing.value,
    channels: ofChannels.value && chosen.value.length ? chosen.value : null,
    owner: texts.owner.value,
    reach: texts.reach.value,
    back: texts.back.value,
    first: first.value || null,
  }))
  const path = computed(() => ({ list: openId.value ?? '' }))
  const asked = computed(() => [list.value?.version, path.value.list, JSON.stringify(request.value)])
  const ready = computed(() => list.value !== undefined && (kind.value === 'channel' || radio.value !== ''))
  const about = useQuery({
    queryKey: ['cards', asked],
    enabled: ready,
    placeholderData: keepPreviousData,
    queryFn: () =>
      unwrap(api.POST('/api/lists/{list}/cards', { params: { path: path.value }, body: request.value })),
  })
  const turnedTo = ref(1)
  watch(kind, () => (turnedTo.value = 1))
  /** The one that is looked at; fewer channels are on fewer sheets. */
  const sheet = computed({
    get: () => Math.min(turnedTo.value, about.data.value?.sheets ?? 1),
    set: (now: number) => (turnedTo.value = now),
  })
  const settled = computed(() => (about.isPlaceholderData.value ? undefined : about.data.value))
  const picture = computed(
    () => about.data.value && `/api/cards/${about.data.value.id}/sheets/${sheet.value}`,
  )
  /** The sheet that stands there; a moment ago it may have been another. */
  const shown = ref('')
  const failed = ref(0)
  const lost = computed(() => failed.value > 1)
  watch(asked, () => (failed.value = 0))
  function isShown() {
    shown.value = picture.value ?? ''
    failed.value = 0
  }
  /** Cards are kept for a while only; they are set again once, and what then is still wrong is said. */
  function setAgain() {
    failed.value++
    if (!lost.value) void about.refetch()
  }
  const file = (print: string) =>
    unwrap(
      api.GET('/api/cards/{print}', { params: { path: { print } }, parseAs: 'blob' }),
    ) as unknown as Promise<Blob>
  const saving = ref(false)
  async function save() {
    const print = settled.value
    if (saving.value || !print) return
    saving.value = true
    try {
      saveFile(
        await file(print.id).catch(async () => {
          const { data } = await about.refetch({ throwOnError: true })
          return await file(data?.id ?? print.id)
        }),
        `${print.title}.pdf`,
      )
      tell('The cards are saved as PDF; print them at their real size.')
    } catch (cause) {
      tellProblem(cause)
    } finally {
      saving.value = false
    }
  }
  return {
    ...texts,
    kind,
    size,
    large,
    differing,
    first,
    radio,
    choices,
    chosen,
    list,
    listError,
    about,
    settled,
    ofChannels,
    picture,
    shown,
    isShown,
    lost,
    setAgain,
    sheet,
    save,
    saving,
    radios,
  }
}
