import { useKeptText } from './useKeptText'

/** The listing that is being reviewed; lines stay in it until they are in the list. */
export const usePastedText = () => useKeptText('reckonrod.review')

/** Two listings as one: what is still there is never overwritten by what comes. */
export const joined = (first: string, second: string) =>
  [first.trimEnd(), second].filter((each) => each.trim() !== '').join('\n')
