/** The meaning of each column of a table, empty where it is left out. */
export type Meanings = string[]

/** One column of a table whose meaning is asked about. */
export interface AskedColumn {
  heading: string
  /** Whether nobody understood it. */
  unknown: boolean
  /** Some of its cells, in the order of the rows. */
  cells: string[]
}

/** Two readings of a table, of which a person has to choose one. */
export interface AskedSides {
  why: string
  readings: Meanings[]
}

const RECEIVED = 'OUTPUT'
const TRANSMITTED = 'INPUT'

/** Which heading a reading receives and which it transmits, with the cells of the first row. */
export function describeSides(columns: AskedColumn[], reading: Meanings) {
  const named = (meaning: string) => {
    const at = reading.indexOf(meaning)
    const heading = columns[at]?.heading || `column ${at + 1}`
    const cell = columns[at]?.cells[0]
    return cell ? `${heading} (${cell})` : heading
  }
  return `Receive on ${named(RECEIVED)}, transmit on ${named(TRANSMITTED)}`
}

/** A reading of the sides, with what was said of the other columns. */
export function withSides(meanings: Meanings, sides: AskedSides, chosen: Meanings): Meanings {
  const asked = (i: number) => new Set(sides.readings.map((each) => each[i])).size > 1
  return meanings.map((each, i) => (asked(i) ? (chosen[i] ?? '') : each))
}

/** A meaning belongs to one column: given to another, it leaves the one it had. */
export const withMeaning = (meanings: Meanings, at: number, meaning: string): Meanings =>
  meanings.map((each, i) => (i === at ? meaning : each === meaning ? '' : each))
