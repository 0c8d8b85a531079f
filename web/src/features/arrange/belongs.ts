import type { Schemas } from '@/shared/api/client'

type Belongs = Schemas['BelongsView']

/** What asks for nothing yet. */
export const nothing = (): Belongs => ({
  bands: [],
  uses: [],
  talkTone: null,
  kinds: [],
  flags: [],
  words: [],
  area: null,
})
export const asksNothing = (it: Belongs) =>
  !it.area &&
  it.talkTone === null &&
  [it.bands, it.uses, it.kinds, it.flags, it.words].every((each) => !each.length)
/** A copy that can be changed without the other one. */
export const copyOf = <T>(it: T): T => JSON.parse(JSON.stringify(it)) as T
