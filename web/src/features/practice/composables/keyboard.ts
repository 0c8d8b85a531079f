import type { PanelKey } from './usePractice'

const DIGITS: PanelKey[] = ['ZERO', 'ONE', 'TWO', 'THREE', 'FOUR', 'FIVE', 'SIX', 'SEVEN', 'EIGHT', 'NINE']

/** Which keys of a panel a key of the keyboard stands for; the first that the panel has. */
const STANDS: Record<string, PanelKey[]> = {
  Enter: ['TAKE'],
  Backspace: ['BACK'],
  ArrowUp: ['UP'],
  ArrowDown: ['DOWN'],
  'Shift+ArrowUp': ['FAST_UP'],
  'Shift+ArrowDown': ['FAST_DOWN'],
  f: ['FUNCTION'],
  F: ['FUNCTION_HELD'],
  m: ['MENU'],
  v: ['MODE'],
  g: ['PUSH', 'PAGE'],
  q: ['SOFT_1'],
  w: ['SOFT_2'],
  e: ['SOFT_3'],
  r: ['SOFT_4'],
}

/** How each key of a panel is typed, in words. */
export const TYPED: Partial<Record<PanelKey, string>> = Object.fromEntries(
  Object.entries(STANDS).flatMap(([typed, keys]) => keys.map((key) => [key, typed])),
)

/** The key of the panel that was typed, if it was one. A button that has the focus keeps Enter for itself. */
export function keyTyped(event: KeyboardEvent, has: PanelKey[]): PanelKey | undefined {
  if (event.ctrlKey || event.altKey || event.metaKey) return undefined
  if (/^\d$/.test(event.key)) return DIGITS[Number(event.key)]
  const onControl =
    event.target instanceof HTMLElement && event.target.closest('button, a, [role="combobox"]')
  if (event.key === 'Enter' && onControl) return undefined
  const typed = event.shiftKey && event.key.startsWith('Arrow') ? `Shift+${event.key}` : event.key
  return STANDS[typed]?.find((key) => has.includes(key))
}
