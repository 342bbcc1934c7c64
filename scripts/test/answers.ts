/**
 * The answers to a thousand seeded requests, as one hash a question: what moved is seen at once.
 * `npm run bench -- answers`; `WRITE=file` keeps the answers line by line, so that two versions can be compared.
 */
import { createHash } from 'node:crypto'
import { writeFileSync } from 'node:fs'
import { asked } from '../../server/test/asked.ts'
import { answer } from '../../server/src/answer.ts'

const lines = asked().map(([question, body]) => {
  const given = answer({ question, body: new TextEncoder().encode(JSON.stringify(body)) })
  return [question, typeof given === 'string' ? given : `${given.status} ${given.body}`] as const
})
const hash = (of: readonly string[]) => createHash('sha256').update(of.join('\n')).digest('hex').slice(0, 16)
for (const question of ['decode', 'changeover'] as const) {
  const own = lines.filter(([q]) => q === question).map(([, text]) => text)
  const by = [...new Set(own.map((text) => text.slice(0, 3)))].sort()
  console.log(
    `${question}: ${own.length} answers, hash ${hash(own)}, ${by.map((s) => `${s}: ${own.filter((t) => t.startsWith(s)).length}`).join(', ')}`,
  )
}
console.log(`all: hash ${hash(lines.map(([, text]) => text))}`)
if (process.env.WRITE) writeFileSync(process.env.WRITE, lines.map(([q, text]) => `${q} ${text}`).join('\n'))
