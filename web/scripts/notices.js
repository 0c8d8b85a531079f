// Writes the notices of everything that ships with the web client, from the packages themselves.
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'

const lock = JSON.parse(readFileSync('package-lock.json', 'utf8'))
const parts = []
for (const [path, entry] of Object.entries(lock.packages)) {
  if (!path || entry.dev || entry.optional || entry.peer || !existsSync(join(path, 'package.json'))) continue
  const about = JSON.parse(readFileSync(join(path, 'package.json'), 'utf8'))
  const file = readdirSync(path).find((each) => /^(licen[cs]e|copying|ofl)/i.test(each))
  const text = file ? readFileSync(join(path, file), 'utf8').trim() : ''
  parts.push(`${about.name} ${about.version} (${about.license ?? 'see its text'})\n\n${text}`)
}
if (parts.length < 5) throw new Error(`Only ${parts.length} packages were found; are they installed?`)
const line = '-'.repeat(72)
writeFileSync(
  'public/notices-web.txt',
  `The web client ships with these packages.\n${line}\n${parts.sort().join(`\n\n${line}\n`)}\n`,
)
