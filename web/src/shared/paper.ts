import type { Schemas } from './api/client'

export type Sheet = Schemas['CardsRequest']['size']

/** The papers that are printed on. */
export const PAPERS: { value: Sheet; title: string }[] = [
  { value: 'a4', title: 'A4' },
  { value: 'letter', title: 'Letter' },
  { value: 'a5', title: 'A5' },
  { value: 'a6', title: 'A6, a card a sheet' },
  { value: 'index', title: 'Index card, 5 × 3 in' },
  { value: 'pocket_a4', title: 'A4, folded to eight small pages' },
  { value: 'pocket_letter', title: 'Letter, folded to eight small pages' },
]
