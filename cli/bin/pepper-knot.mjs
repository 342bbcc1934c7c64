#!/usr/bin/env node
import { existsSync } from 'node:fs'

const main = new URL('../dist/main.js', import.meta.url)
if (existsSync(main)) await import(main.href)
else {
  console.error('It is not built yet: run `npm run build -w core && npm run build -w cli` first.')
  process.exitCode = 2
}
