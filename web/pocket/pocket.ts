/** A list in one file: its channels, their key sheets, and a log that is given back as a file. */
export {}

interface Keys {
  slot: number
  /** What the display shows then, and the keys, with tabs between them. */
  steps: string[]
  cannot: string[]
}
interface Channel {
  id: string
  name: string
  under: string
  line: string
  figures: Record<string, string>
  says: string[]
  keys: Record<string, Keys>
}
interface Page {
  listId: string
  title: string
  made: string
  cautions: string
  calling: string[]
  emergency: string[]
  radios: { id: string; name: string; begin: string; pauseSeconds: number }[]
  channels: Channel[]
}
/** A test as the program takes it in. */
interface Test {
  id: string
  version: number
  at: string
  place: string
  latitude: null
  longitude: null
  radioId: string | null
  radio: string
  listId: string
  channelId: string
  channel: string
  line: string
  seen: string[]
  strength: number
  note: string
}

const SEEN: [string, string][] = [
  ['light', 'Transmit light'],
  ['shown', 'Display showed the talk frequency'],
  ['tail', 'Tail of the repeater'],
  ['identified', 'Identification or voices'],
  ['answered', 'Somebody answered'],
  ['noise', 'Only noise'],
  ['nothing', 'Nothing'],
]

const page = JSON.parse(document.getElementById('data')?.textContent ?? '') as Page
const root = document.getElementById('page') as HTMLElement

type Part = Node | string
/** An element with its attributes and what is in it; text never becomes markup. */
function el(tag: string, with_: Record<string, string>, ...inside: Part[]) {
  const made = document.createElement(tag)
  for (const [name, value] of Object.entries(with_)) made.setAttribute(name, value)
  made.append(...inside)
  return made
}

/** A number nobody else gives; `randomUUID` is missing where a page was opened from a file or over plain HTTP. */
function newId() {
  const bytes = crypto.getRandomValues(new Uint8Array(16))
  bytes[6] = ((bytes[6] ?? 0) & 0x0f) | 0x40
  bytes[8] = ((bytes[8] ?? 0) & 0x3f) | 0x80
  const hex = [...bytes].map((each) => each.toString(16).padStart(2, '0')).join('')
  return hex.replace(/^(.{8})(.{4})(.{4})(.{4})(.{12})$/, '$1-$2-$3-$4-$5')
}

const LOG = `reckonrod.pocket.${page.listId}`
let keeps = true
let log: Test[] = []
/** What was kept before; what cannot be read is put beside, not thrown away. */
function recall() {
  try {
    const kept = localStorage.getItem(LOG)
    const read: unknown = kept ? JSON.parse(kept) : []
    if (!Array.isArray(read)) throw new Error('no log')
    // What could not be kept is only here.
    const here = keeps ? [] : log.filter((each) => !read.some((one: Test) => one.id === each.id))
    log = [...(read as Test[]), ...here]
  } catch {
    try {
      localStorage.setItem(`${LOG}.unreadable`, localStorage.getItem(LOG) ?? '')
    } catch {
      keeps = false
    }
  }
}
/** Another tab may have kept something since, so what is there is read again first. */
function keep(change: (now: Test[]) => Test[]) {
  recall()
  log = change(log)
  try {
    localStorage.setItem(LOG, JSON.stringify(log))
    keeps = true
  } catch {
    keeps = false
  }
  tellLog()
}

const status = el('p', { role: 'status' })
const logged = el('div', {})
const radio = el('select', { id: 'radio' }) as HTMLSelectElement
radio.append(el('option', { value: '' }, 'no key sheets'))
for (const each of page.radios) radio.append(el('option', { value: each.id }, each.name))
radio.value = page.radios[0]?.id ?? ''

const search = el('input', { id: 'search', type: 'search', autocomplete: 'off' }) as HTMLInputElement
const found = el('p', { role: 'status', class: 'small' })
const all = el('div', {})

function sheet(channel: Channel) {
  const chosen = page.radios.find((each) => each.id === radio.value)
  if (!chosen) return []
  const keys = channel.keys[chosen.id]
  if (!keys) return [el('p', {}, `${chosen.name} leaves it out.`)]
  const parts: Part[] = [el('h2', {}, `${chosen.name}, slot ${keys.slot}`)]
  for (const each of keys.cannot) parts.push(el('p', {}, each))
  if (keys.steps.length) {
    parts.push(
      el(
        'p',
        { class: 'small' },
        `${chosen.begin} Leave no more than ${chosen.pauseSeconds} s between two keys.`,
      ),
      el(
        'ol',
        {},
        ...keys.steps.map((step) => {
          const [shows, ...pressed] = step.split('\t')
          return el(
            'li',
            {},
            ...pressed.map((key) => el('kbd', {}, key)),
            ...(shows ? [el('span', { class: 'shows' }, ` → ${shows}`)] : []),
          )
        }),
      ),
    )
  }
  return parts
}

function testForm(channel: Channel) {
  const place = el('input', { type: 'text', maxlength: '120', id: `place-${channel.id}` }) as HTMLInputElement
  const note = el('textarea', {
    maxlength: '2000',
    rows: '2',
    id: `note-${channel.id}`,
  }) as HTMLTextAreaElement
  const boxes = SEEN.map(([id]) => el('input', { type: 'checkbox', value: id }) as HTMLInputElement)
  const strength = el('select', { id: `strength-${channel.id}` }) as HTMLSelectElement
  strength.append(
    el('option', { value: '0' }, 'not said'),
    ...['1', '2', '3', '4', '5'].map((each) => el('option', { value: each }, each)),
  )
  const said = el('p', { role: 'status' })
  let kept = false
  const form = el(
    'form',
    { 'aria-label': `Tried ${channel.name}` },
    el(
      'fieldset',
      {},
      el('legend', {}, 'Tried on the air'),
      el(
        'div',
        { class: 'taps' },
        ...SEEN.map(([, words], i) => el('label', {}, boxes[i] as HTMLElement, words)),
      ),
      el('label', { for: strength.id }, 'Strength, 1 to 5'),
      strength,
      el('label', { for: place.id }, 'Where'),
      place,
      el('label', { for: note.id }, 'Note'),
      note,
      el('p', {}, el('button', { type: 'submit' }, 'Keep in the log')),
      said,
    ),
  )
  form.addEventListener('submit', (event) => {
    event.preventDefault()
    const seen = boxes.filter((each) => each.checked).map((each) => each.value)
    if (!seen.length) {
      // A second click on the same button must not look as if the first had failed.
      said.textContent = `${kept ? `Kept, ${log.length} in the log. ` : ''}Say what was seen or heard; “Nothing” is an answer too.`
      return
    }
    const chosen = page.radios.find((each) => each.id === radio.value)
    keep((now) => [
      ...now,
      {
        id: newId(),
        version: 0,
        at: new Date().toISOString(),
        place: place.value,
        latitude: null,
        longitude: null,
        radioId: chosen?.id ?? null,
        radio: chosen?.name ?? '',
        listId: page.listId,
        channelId: channel.id,
        channel: channel.name,
        line: channel.line,
        seen,
        strength: Number(strength.value),
        note: note.value,
      },
    ])
    kept = true
    for (const each of boxes) each.checked = false
    note.value = ''
    strength.value = '0'
    said.textContent = `Kept, ${log.length} in the log.`
  })
  return form
}

/** A card is filled when it is opened first, so that a long list is there at once. */
function card(channel: Channel) {
  const inside = el('div', { class: 'inside' })
  const made = el(
    'details',
    {},
    el(
      'summary',
      {},
      el('b', {}, channel.name),
      el('span', { class: 'small' }, `${channel.under} · ${channel.figures['Listen'] ?? ''}`),
    ),
    inside,
  )
  const keys = el('div', {})
  let filled = false
  const fill = () => {
    if (!(made as HTMLDetailsElement).open) return
    keys.replaceChildren(...sheet(channel))
    if (filled) return
    filled = true
    inside.append(
      el(
        'dl',
        {},
        ...Object.entries(channel.figures).flatMap(([what, value]) => [
          el('dt', {}, what),
          el('dd', {}, value),
        ]),
      ),
      el('p', { class: 'mono' }, channel.line),
      ...channel.says.map((each) => el('p', {}, each)),
      keys,
      testForm(channel),
    )
  }
  made.addEventListener('toggle', fill)
  radio.addEventListener('change', fill)
  return made
}

const cards = page.channels.map((channel) => ({
  text: [channel.name, channel.under, channel.line, ...Object.values(channel.figures), ...channel.says]
    .join(' ')
    .toLowerCase(),
  shown: card(channel),
}))
function find() {
  const words = search.value.toLowerCase().split(/\s+/).filter(Boolean)
  let count = 0
  for (const each of cards) {
    const fits = words.every((word) => each.text.includes(word))
    each.shown.hidden = !fits
    if (fits) count++
  }
  found.textContent = words.length ? `${count} of ${cards.length} channels` : `${cards.length} channels`
}
search.addEventListener('input', find)

const when = (text: string) => new Date(text).toLocaleString()
function tellLog() {
  status.textContent = keeps
    ? ''
    : 'This telephone does not keep the log when the page is closed. Give it back as a file before that.'
  logged.replaceChildren(
    log.length
      ? el(
          'ul',
          {},
          ...log.map((each) => {
            const out = el(
              'button',
              { type: 'button', 'aria-label': `Take the test of ${each.channel} out` },
              'Take out',
            )
            out.addEventListener('click', () => {
              if (confirm(`Take the test of ${each.channel}, ${when(each.at)}, out of the log?`))
                keep((now) => now.filter((one) => one.id !== each.id))
            })
            return el(
              'li',
              {},
              `${each.channel}, ${when(each.at)}: ${each.seen
                .map((id) => SEEN.find(([one]) => one === id)?.[1].toLowerCase() ?? id)
                .join(', ')} `,
              out,
            )
          }),
        )
      : el('p', {}, 'Nothing in it yet.'),
  )
}

const give = el('button', { type: 'button' }, 'Give the log back as a file')
give.addEventListener('click', () => {
  recall()
  const file = new Blob([JSON.stringify(log, null, 1)], { type: 'application/json' })
  const address = URL.createObjectURL(file)
  const link = el('a', {
    href: address,
    download: `field log of ${page.title} ${new Date().toISOString().slice(0, 10)}.json`,
  })
  document.body.append(link)
  link.click()
  link.remove()
  setTimeout(() => URL.revokeObjectURL(address), 60_000)
})

document.title = `${page.title}, pocket page`
root.append(
  el(
    'header',
    {},
    el('h1', {}, page.title),
    el('p', { class: 'small' }, page.made),
    el('p', { class: 'small' }, page.cautions),
  ),
  el(
    'main',
    {},
    el(
      'section',
      { 'aria-label': 'Channels' },
      ...(page.radios.length ? [el('label', { for: 'radio' }, 'Keys of'), radio] : []),
      el('div', { class: 'sticky' }, el('label', { for: 'search' }, 'Search'), search, found),
      all,
    ),
    el(
      'section',
      { 'aria-label': 'Log' },
      el('h2', {}, 'Log'),
      el(
        'p',
        { class: 'small' },
        'It stays on this telephone until you give it back as a file; under Prove, Log, the file is taken in.',
      ),
      status,
      logged,
      el('p', {}, give),
    ),
    el(
      'section',
      { 'aria-label': 'Calling' },
      el('h2', {}, 'A first call'),
      el('ol', {}, ...page.calling.map((each) => el('li', {}, each))),
      el('h2', {}, 'Emergency'),
      el('ol', {}, ...page.emergency.map((each) => el('li', {}, each))),
    ),
  ),
)
// Another tab of the same page keeps what was tried in the same log.
addEventListener('storage', () => {
  recall()
  tellLog()
})
all.append(...cards.map((each) => each.shown))
recall()
find()
tellLog()
