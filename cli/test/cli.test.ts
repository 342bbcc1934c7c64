import { execFileSync } from 'node:child_process'
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

const root = join(__dirname, '../..')
const folder = mkdtempSync(join(tmpdir(), 'pepper-knot-cli-'))
const shop = join(folder, 'shop.pepperknot.json')

/** What it says, and whether it refused. */
function cli(...words: string[]): { said: string; refused: boolean } {
  try {
    const said = execFileSync(
      process.execPath,
      [join(root, 'cli/bin/pepper-knot.mjs'), ...words, '--shop', shop],
      { encoding: 'utf8', stdio: 'pipe' },
    )
    return { said, refused: false }
  } catch (error) {
    const { stderr, status } = error as { stderr: string; status: number }
    expect(status).toBe(1)
    return { said: stderr, refused: true }
  }
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

  test('is planned without a shop, in inches too', () => {
    const { said } = cli('plan', machine, ...wire, '--inch')
    expect(said).toMatch(/Unplug|plug/i)
    expect(said).not.toMatch(/undefined|\d\smm\b/)
  })
  test('is begun once, done in order, taken back, stopped and signed off; the next begins where it was left', () => {
    expect(cli('start', machine, ...wire).said).toContain('0 of')
    expect(cli('start', 'Tern', ...wire)).toMatchObject({
      refused: true,
      said: expect.stringContaining('under way'),
    })
    expect(cli('do', 'tern', 'plugIn')).toMatchObject({
      refused: true,
      said: expect.stringContaining('next step is'),
    })
    cli('do', 'Tern')
    expect(cli('back', 'Tern').said).toContain('0 of')
    expect(cli('do', 'Tern', '12').said).toContain('12 of')
    expect(cli('sign-off', 'Tern')).toMatchObject({
      refused: true,
      said: expect.stringContaining('next step is'),
    })
    expect(cli('stop', 'Tern').said).toContain('Left open')
    cli('do', 'Tern', 'all')
    expect(cli('sign-off', 'Tern').said).toMatch(/Left open: .*tagged/)
    expect(cli('show', 'Tern').refused).toBe(true)
    expect(cli('plan', 'Tern', ...wire).said).toContain('Take the tag off')
  })
  test('the cure of a trouble', () => {
    const gull = join(folder, 'gull.json')
    const fitted = {
      wire: { label: 'ER70S-6 0.9' },
      gun: { kind: 'push', lengthM: 3 },
      gas: { Ar: 80, CO2: 20 },
    }
    writeFileSync(gull, JSON.stringify({ id: 'gull', name: 'Gull', gasGear: true, fitted }))
    expect(cli('start', gull, '--cause', 'tip-worn', '--symptom', 'burnback').said).toContain('0 of')
    expect(cli('do', 'Gull', 'all').refused).toBe(false)
    expect(cli('sign-off', 'Gull').refused).toBe(false)
    expect(readFileSync(shop, 'utf8')).toMatch(/"troubles":\s*\[\s*\{\s*"cause":\s*"tip-worn"/)
    // A cause that nobody knows, and one that no work cures.
    expect(cli('start', 'Gull', '--cause', 'gremlins', '--symptom', 'burnback').refused).toBe(true)
    expect(cli('start', 'Gull', '--cause', 'volts-low', '--symptom', 'burnback').refused).toBe(true)
  })
  test('work on the machine itself', () => {
    expect(cli('start', 'Tern', '--conversion', 'to-gasless').said).toContain('0 of')
    cli('do', 'Tern', 'all')
    expect(cli('sign-off', 'Tern').refused).toBe(false)
    expect(cli('start', 'Tern', '--conversion', 'to-gasless').refused).toBe(true)
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
  ])('%s: said, and nothing written', (_what, words, says) => {
    const before = readFileSync(shop, 'utf8')
    expect(cli(...words)).toMatchObject({ refused: true, said: expect.stringMatching(says) })
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
