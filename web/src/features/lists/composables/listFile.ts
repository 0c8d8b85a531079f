/** What a file that was chosen for a list holds. */
export type ListFile =
  | { kind: 'list'; text: string }
  /** A table or lines, to be reviewed; `name` is that of the file without its ending. */
  | { kind: 'table'; text: string; name: string }
  | { kind: 'refused'; reason: string }

const MOST_BYTES = 4 * 1024 * 1024
const PACKED = [0x50, 0x4b]
const PDF = [0x25, 0x50, 0x44, 0x46]
const startsWith = (bytes: Uint8Array, sign: number[]) => sign.every((each, i) => bytes[i] === each)

/** Text in UTF-8, in UTF-16 with its mark, or in the encoding that older programs of Western Europe use. */
function decode(bytes: Uint8Array) {
  if (startsWith(bytes, [0xff, 0xfe])) return new TextDecoder('utf-16le').decode(bytes)
  if (startsWith(bytes, [0xfe, 0xff])) return new TextDecoder('utf-16be').decode(bytes)
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes)
  } catch {
    return new TextDecoder('windows-1252').decode(bytes)
  }
}

function isJson(text: string) {
  try {
    JSON.parse(text)
    return true
  } catch {
    return false
  }
}

/** Finds out what a file is by what is in it, whatever it is called. */
export async function readListFile(file: File): Promise<ListFile> {
  const bytes = new Uint8Array(await file.arrayBuffer())
  if (startsWith(bytes, PACKED))
    return {
      kind: 'refused',
      reason: `${file.name} is a spreadsheet or an archive. Save it as CSV, then import that.`,
    }
  if (startsWith(bytes, PDF))
    return { kind: 'refused', reason: `${file.name} is a PDF. Copy its rows and paste them into Review.` }
  const text = decode(bytes)
  if (text.includes('\0') || !text.trim())
    return {
      kind: 'refused',
      reason: `${file.name} has no text in it. Choose a list exported as JSON, or a table.`,
    }
  if (/^\s*\{[^]*"kind"\s*:\s*"reckonrod list"/.test(text)) return { kind: 'list', text }
  if (/\.json$/i.test(file.name) && !isJson(text))
    return {
      kind: 'refused',
      reason: `${file.name} is not valid JSON; part of it may be missing. Nothing was imported.`,
    }
  if (bytes.length > MOST_BYTES)
    return {
      kind: 'refused',
      reason: `${file.name} has more than 4 MB. A list has at most 9,999 channels; split the file.`,
    }
  return { kind: 'table', text, name: file.name.replace(/\.[^.]*$/, '').slice(0, 60) }
}
