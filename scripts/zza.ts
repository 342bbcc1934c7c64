import { readFileSync } from 'node:fs'
import { changeoverAnswerSchema, decodeAnswerSchema, problemsAnswerSchema } from '../core/src/exchange/api.ts'
let n = 0
for (const line of readFileSync('/tmp/after.txt', 'utf8').split('\n')) {
  const [q, s, ...r] = line.split(' ')
  const b = JSON.parse(r.join(' '))
  const sch =
    s === '200' ? (q === 'decode' ? decodeAnswerSchema : changeoverAnswerSchema) : problemsAnswerSchema
  const x = sch.safeParse(b)
  if (!x.success && n++ < 8) console.log(q, s, JSON.stringify(x.error.issues.slice(0, 3)).slice(0, 400))
}
console.log('odd', n)
