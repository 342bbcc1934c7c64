import { execFileSync, spawn, type ChildProcessWithoutNullStreams } from 'node:child_process'
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { createInterface } from 'node:readline'
import { pathToFileURL } from 'node:url'

const root = join(__dirname, '../..')
const folder = mkdtempSync(join(tmpdir(), 'pepper-knot-cli-'))
const shop = join(folder, 'shop.pepperknot.json')

/** Plain Node with the core loaded once, where the built command runs anew for every line of words. */
const RUNNER = `
  import { createInterface } from 'node:readline'
  let n = 0
  for await (const line of createInterface({ input: process.stdin })) {
    const said = []
    const print = console.log
    console.log = console.error = (text) => said.push(String(text))
    process.argv = [process.execPath, 'pepper-knot', ...JSON.parse(line)]
    process.exitCode = 0
    await import(${JSON.stringify(pathToFileURL(join(root, 'cli/dist/main.js')).href)} + '?' + ++n)
    console.log = print
    print(JSON.stringify({ said: said.join('\\n'), status: process.exitCode }))
    process.exitCode = 0
  }`
let runner: ChildProcessWithoutNullStreams | undefined
let answers: AsyncIterator<string>
afterAll(() => runner?.kill())
/** What it says, and whether it refused. */
async function cli(...words: string[]): Promise<{ said: string; refused: boolean }> {
  if (!runner) {
    const file = join(folder, 'runner.mjs')
    writeFileSync(file, RUNNER)
    runner = spawn(process.execPath, [file])
  }
  answers ??= createInterface({ input: runner.stdout })[Symbol.asyncIterator]()
  runner.stdin.write(`${JSON.stringify([...words, '--shop', shop])}\n`)
  const { said, status } = JSON.parse((await answers.next()).value as string) as {
    said: string
    status: number
  }
  expect([0, 1]).toContain(status)
  return { said, refused: status === 1 }
}

beforeAll(() => {
  // Built before by `npm test`; anew where somebody runs this alone.
  for (const room of process.env.BUILT ? [] : ['core', 'cli'])
    execFileSync('npm', ['run', 'build', '-w', room, '--silent'], { cwd: root, stdio: 'pipe' })
}, 120_000)

test('the example of the package’s README says in plain Node what stands beside it', () => {
  const [, code] = /```js\n([\s\S]*?)```/.exec(readFileSync(join(root, 'core/README.md'), 'utf8'))!
  const wanted = [...code!.matchAll(/console\.log\(.*\) \/\/ (.*)$/gm)].map(([, says]) => says)
  const said = execFileSync(process.execPath, ['--input-type=module', '-e', code!], {
    cwd: join(root, 'core'),
    encoding: 'utf8',
  })
  expect(wanted.length).toBeGreaterThan(5)
  expect(said.trim().split('\n')).toEqual(wanted)
})

describe('a job by the command line', () => {
  const machine = join(folder, 'tern.json')
  writeFileSync(
    machine,
    JSON.stringify({
      id: 'tern',
      name: 'Tern',
      polarityChange: 'studs',
      gasGear: true,
      fitted: {
        wire: { label: 'ER70S-6 0.6' },
        spool: { type: 'S200' },
        gun: { kind: 'push', lengthM: 3 },
        gas: { Ar: 75, CO2: 25 },
      },
    }),
  )
  const wire = ['E71T-11 .030', '--metal', 'mild-steel', '--thickness', '3']

  test('is planned without a shop, in inches too', async () => {
    const { said } = await cli('plan', machine, ...wire, '--inch')
    expect(said).toMatch(/Unplug|plug/i)
    expect(said).not.toMatch(/undefined|\d\smm\b/)
  })
  test('is begun once, done in order, taken back, stopped and signed off; the next begins where it was left', async () => {
    expect((await cli('start', machine, ...wire)).said).toContain('0 of')
    expect(await cli('start', 'Tern', ...wire)).toMatchObject({
      refused: true,
      said: expect.stringContaining('under way'),
    })
    expect(await cli('do', 'tern', 'plugIn')).toMatchObject({
      refused: true,
      said: expect.stringContaining('next step is'),
    })
    await cli('do', 'Tern')
    expect((await cli('back', 'Tern')).said).toContain('0 of')
    expect((await cli('do', 'Tern', '12')).said).toContain('12 of')
    expect(await cli('sign-off', 'Tern')).toMatchObject({
      refused: true,
      said: expect.stringContaining('next step is'),
    })
    expect((await cli('stop', 'Tern')).said).toContain('Left open')
    await cli('do', 'Tern', 'all')
    expect((await cli('sign-off', 'Tern')).said).toMatch(/Left open: .*tagged/)
    expect((await cli('show', 'Tern')).refused).toBe(true)
    expect((await cli('plan', 'Tern', ...wire)).said).toContain('Take the tag off')
  })
  test('the cure of a trouble', async () => {
    const gull = join(folder, 'gull.json')
    const fitted = {
      wire: { label: 'ER70S-6 0.9' },
      gun: { kind: 'push', lengthM: 3 },
      gas: { Ar: 80, CO2: 20 },
    }
    writeFileSync(gull, JSON.stringify({ id: 'gull', name: 'Gull', gasGear: true, fitted }))
    expect((await cli('start', gull, '--cause', 'tip-worn', '--symptom', 'burnback')).said).toContain('0 of')
    expect((await cli('do', 'Gull', 'all')).refused).toBe(false)
    expect((await cli('sign-off', 'Gull')).refused).toBe(false)
    expect(readFileSync(shop, 'utf8')).toMatch(/"troubles":\s*\[\s*\{\s*"cause":\s*"tip-worn"/)
    // A cause that nobody knows, and one that no work cures.
    expect((await cli('start', 'Gull', '--cause', 'gremlins', '--symptom', 'burnback')).refused).toBe(true)
    expect((await cli('start', 'Gull', '--cause', 'volts-low', '--symptom', 'burnback')).refused).toBe(true)
  })
  test('work on the machine itself', async () => {
    expect((await cli('start', 'Tern', '--conversion', 'to-gasless')).said).toContain('0 of')
    await cli('do', 'Tern', 'all')
    expect((await cli('sign-off', 'Tern')).refused).toBe(false)
    expect((await cli('start', 'Tern', '--conversion', 'to-gasless')).refused).toBe(true)
  })
  test.each<[string, string[], RegExp]>([
    ['no machine of that name', ['plan', 'Nobody'], /There are|there are/],
    ['a wire no box names', ['plan', 'Tern', 'ER9', '--metal', 'mild-steel', '--thickness', '3'], /wire/],
    [
      'a thickness that is none',
      ['plan', 'Tern', 'ER70S-6 0.8', '--metal', 'mild-steel', '--thickness', 'thick'],
      /number/,
    ],
    ['no such command', ['weld', 'Tern'], /no weld/],
  ])('%s: said, and nothing written', async (_what, words, says) => {
    const before = readFileSync(shop, 'utf8')
    expect(await cli(...words)).toMatchObject({ refused: true, said: expect.stringMatching(says) })
    expect(readFileSync(shop, 'utf8')).toBe(before)
  })
  test('a file that is not ours is refused and left alone', () => {
    const other = join(folder, 'other.json')
    writeFileSync(other, '{"a":1}')
    expect(() =>
      execFileSync(
        process.execPath,
        [join(root, 'cli/bin/pepper-knot.mjs'), 'plan', 'Tern', '--shop', other],
        { stdio: 'pipe' },
      ),
    ).toThrow(/not/i)
    expect(readFileSync(other, 'utf8')).toBe('{"a":1}')
  })
})
