import { useKeptText } from './useKeptText'

/** The listing that is being reviewed; lines stay in it until they are in the list. */
export const usePastedText = () => useKeptText('reckonrod.review')

/** A listing that has just come in, and is not yet part of the one that is being reviewed. */
export const useArrivedText = () => useKeptText('reckonrod.review.arrived')

/** Two listings as one: what is still there is never overwritten by what comes. */
export const joined = (first: string, second: string) =>
  [first.trimEnd(), second].filter((each) => each.trim() !== '').join('\n')
