import { onBeforeUnmount, shallowRef } from 'vue'

/** A screen as the keyboard sees it; made by `useKeys`. */
export interface Screen {
  title: string
  /** Its keys and what they do, for the page that `?` shows. */
  pages: [string, string][]
  /** Acts on a key; whether it was one of the screen's. */
  onKey: (event: KeyboardEvent) => boolean
  /** Brings the focus to where the person works. */
  focus: () => void
  undo?: () => void
  redo?: () => void
  /** Looks for something in what is shown. */
  find?: () => void
  all?: () => void
}

const current = shallowRef<Screen | null>(null)

/** Makes a screen the one that the keys go to, wherever the focus is, until it is left. */
export function useScreen(screen: Screen) {
  current.value = screen
  onBeforeUnmount(() => {
    if (current.value === screen) current.value = null
  })
}

/** The screen that is shown. */
export const currentScreen = () => current.value

/** The focus goes back to where the person works: after a dialog, an undo, a line. */
export const focusWork = () => current.value?.focus()

export const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  target.matches('input:not([type=checkbox]):not([type=radio]), textarea, [role=combobox], [role=option]')

const isPressed = (target: EventTarget | null, key: string) =>
  target instanceof HTMLElement &&
  target.matches('button, a, summary, input, [role=button]') &&
  (key === 'Enter' || key === ' ')

/** Whether something lies over the screen that has keys of its own: a dialog, a menu, a list to choose from. */
export const isCovered = () => document.querySelector('.v-overlay--active:not(.v-tooltip)') !== null

/** The same, unless somebody types or a dialog is open. */
export function focusWorkGently() {
  if (!isTyping(document.activeElement) && !isCovered()) focusWork()
}

/** Whether keys go to the screen just now. */
export const isScreens = (event: KeyboardEvent) => !isTyping(event.target) && !isCovered()

/** Hands a key to the screen, unless somebody types or a dialog is open. */
export function toScreen(event: KeyboardEvent, toLine: (text: string) => void) {
  const screen = current.value
  if (event.defaultPrevented || isTyping(event.target) || isCovered()) return
  const command = event.ctrlKey || event.metaKey
  if (command && event.key.toLowerCase() === 'z' && screen?.undo) {
    event.preventDefault()
    if (event.shiftKey) screen.redo?.()
    else screen.undo()
    return
  }
  if (command && event.key.toLowerCase() === 'a' && screen?.all) {
    event.preventDefault()
    screen.all()
    return
  }
  if (command && event.key.toLowerCase() === 'f' && screen?.find) {
    event.preventDefault()
    screen.find()
    return
  }
  if (command || event.altKey || isPressed(event.target, event.key)) return
  if (screen?.onKey(event)) {
    event.preventDefault()
    return
  }
  // A figure or a word that is no key of the screen begins a line; nothing that is typed is lost.
  if (event.key.length === 1 && /[\p{L}\p{N}".]/u.test(event.key)) {
    event.preventDefault()
    toLine(event.key)
  }
}
