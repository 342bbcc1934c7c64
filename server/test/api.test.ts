import { hostname, networkInterfaces } from 'node:os'
import fc from 'fast-check'
import request from 'supertest'
import { createApp } from '../src/app.ts'

const app = createApp()
const post = (path: string, body: object | string) =>
  request(app).post(`/api/v1${path}`).set('Content-Type', 'application/json').send(body)
const gull = (fitted: object = {}, machine: object = {}) => ({
  id: 'gull',
  name: 'Gull',
  output: { minA: 30, maxA: 250, dutyPercent: 40, dutyAtA: 200 },
  wireSpeedMPerMin: { min: 1.5, max: 18 },
  supply: { voltageV: 230, phases: 1, breakerA: 32, cordLengthM: 0, cordMm2: 4 },
  wireEntry: 'bottom',
  spools: ['S200', 'S300'],
  polarityChange: 'plugs',
  gasGear: true,
  rollPairs: 1,
  matchedTopRolls: false,
  scale: { min: 0, max: 6 },
  ...machine,
  fitted: {
    wire: { label: 'ER70S-6 0.9' },
    spool: { type: 'S300', wireKg: 9, pinEngaged: true, leaves: 'bottom' },
    hubBrake: 'set',
    inletGuide: { material: 'steel', gapMm: 3 },
    driveRolls: { profile: 'smooth-v', grooves: ['0.8', '0.9'], active: '0.9' },
    rollPressure: { mark: 4 },
    outletGuide: { material: 'steel', gapMm: 4 },
    liner: { material: 'steel-coil', minMm: 0.8, maxMm: 1.0, lengthM: 3 },
    gun: { kind: 'push', lengthM: 3 },
    contactTip: { stamp: '0.9', aluminiumBore: false },
    nozzle: { kind: 'gas', boreMm: 16 },
    polarity: 'DCEP',
    gas: { Ar: 80, CO2: 20 },
    gasFlowLPerMin: 12,
    ...fitted,
  },
})
const job = { material: 'aluminium', thicknessMm: 4, position: 'flat', draughtMPerS: 0 }

describe('trouble', () => {
  const machine = {
    id: 't',
    name: 'T',
    fitted: { wire: { label: 'ER70S-6 0.9' }, gun: { kind: 'push', lengthM: 3 } },
  }
  test('answers with causes that add to one, and the next look', async () => {
    const { status, body } = await post('/trouble', { machine, symptoms: ['birdnest'] })
    expect(status).toBe(200)
    const causes = body.causes as { id: string; chance: number }[]
    expect(causes.reduce((sum, c) => sum + c.chance, body.other as number)).toBeCloseTo(1, 9)
    expect(causes.map((c) => c.chance)).toEqual(causes.map((c) => c.chance).sort((a, b) => b - a))
    expect(body.found).toBeNull()
    expect(body.next).toMatchObject({
      check: expect.any(String),
      place: expect.any(String),
      hazards: expect.any(Array),
    })
  })
  test('a mismatch is found with the sentence of its station, and a cure of tasks', async () => {
    const { body } = await post('/trouble', {
      machine: { ...machine, fitted: { ...machine.fitted, contactTip: { stamp: '0.8' } } },
      symptoms: ['birdnest', 'end-will-not-pass-tip'],
    })
    expect(body.found).toMatchObject({ cause: 'tip-too-small', cure: { kind: 'work' } })
    expect((body.found as { cure: { tasks: string[] } }).cure.tasks).toEqual(
      expect.arrayContaining(['switchOff', 'tipOff', 'fitTip']),
    )
    expect(body.next).toBeNull()
  })
  test.each([
    [{ symptoms: ['birdsnest'] }, 'symptoms.0', 'birdnest'],
    [
      { symptoms: ['porosity'], checks: [{ id: 'look-groves', outcome: 'here' }] },
      'checks.0.id',
      'look-grooves',
    ],
    [{ symptoms: ['porosity'], lastChange: ['contactTips'] }, 'lastChange.0', 'contactTip'],
    [{ symptoms: [] }, 'symptoms', undefined],
    [{}, 'symptoms', undefined],
    [
      { symptoms: ['porosity'], machine: { ...machine, fitted: { wire: null } } },
      'machine.fitted.wire',
      undefined,
    ],
  ])('%j is refused with its path and the nearest known', async (sent, path, suggestion) => {
    const { status, body } = await post('/trouble', { machine, ...sent })
    expect(status).toBe(422)
    expect(body.problems[0]).toMatchObject({ path, ...(suggestion && { suggestion }) })
  })
})

describe('decode', () => {
  test('reads a box in the words of the contract', async () => {
    const { status, body } = await post('/decode', { label: 'E71T-11 .030 10 lb' })
    expect(status).toBe(200)
    expect(body.wire).toMatchObject({
      family: 'flux-cored-self-shielded',
      process: 'FCAW-S',
      classification: 'E71T-11',
      standard: 'AWS A5.20',
      diameterMm: 0.8,
      exactMm: 0.762,
      polarity: ['DCEN'],
      gas: { needed: false, designations: [] },
      passes: 'multi',
      massKg: 4.536,
      unread: [],
    })
  })
  test('no size on the label is not a refusal', async () => {
    const { status, body } = await post('/decode', { label: 'ER70S-6' })
    expect([status, body.wire.diameterMm, body.wire.unread]).toEqual([200, null, ['diameter']])
  })
  test.each([
    [{ label: 'ER71T-1' }, 'label', 'E71T-1'],
    [{ label: 7 }, 'label', undefined],
    [{}, 'label', undefined],
  ])('%j is refused with its path', async (sent, path, suggestion) => {
    const { status, body } = await post('/decode', sent)
    expect(status).toBe(422)
    expect(body.problems[0]).toMatchObject({ path, ...(suggestion && { suggestion }) })
  })
})

describe('changeover', () => {
  test('the example of the contract: solid steel to aluminium', async () => {
    const store = [{ kind: 'driveRolls', profile: 'smooth-u', grooves: ['1.0', '1.2'], count: 1 }]
    const { status, body } = await post('/changeover', {
      machine: gull(),
      wire: { label: 'ER5356 1.2' },
      job,
      store,
      practice: {},
    })
    expect(status).toBe(200)
    expect(body.required.driveRolls).toEqual({ profile: ['smooth-u'], groove: '1.2' })
    expect(body.required.polarity).toEqual(['DCEP'])
    const verdicts = Object.fromEntries(
      body.findings.map((f: { station: string; verdict: string }) => [f.station, f.verdict]),
    )
    expect(verdicts).toEqual({
      spool: 'fits',
      hubBrake: 'fits',
      inletGuide: 'change',
      driveRolls: 'change',
      rollPressure: 'adjust',
      outletGuide: 'change',
      liner: 'change',
      gun: 'fits',
      contactTip: 'change',
      nozzle: 'fits',
      polarity: 'fits',
      gas: 'change',
      gasFlow: 'adjust',
      supply: 'fits',
    })
    expect(
      body.gather.filter((g: { have: boolean }) => g.have).map((g: { station: string }) => g.station),
    ).toEqual(['spool', 'driveRolls'])
    for (const key of ['currentA', 'voltageV', 'wireSpeedMPerMin', 'gasFlowLPerMin', 'tipToWorkMm']) {
      const { value, low, high, origin } = body.start[key]
      expect(low).toBeLessThan(value)
      expect(value).toBeLessThan(high)
      expect(origin).not.toBe('')
    }
    expect(body.proof).toEqual({ holds: true, violations: [] })
    expect(body.problems).toEqual([])
    expect(body.minutes).toBeGreaterThan(20)
  })
  test.each([
    [
      'fixed the wrong way',
      gull({}, { polarityChange: 'fixed' }),
      'E71T-11 .035',
      'mild-steel',
      0,
      'polarity',
    ],
    ['no gas gear', gull({ gas: null }, { gasGear: false }), 'ER70S-6 0.9', 'mild-steel', 0, 'gas'],
    ['spool too big', gull({}, { spools: ['S100', 'S200'] }), 'ER70S-6 0.9 15 kg', 'mild-steel', 0, 'spool'],
    ['wire not for the metal', gull(), 'ER5356 1.2', 'mild-steel', 0, 'spool'],
    ['draught too strong', gull(), 'ER70S-6 0.9', 'mild-steel', 2.3, 'gasFlow'],
  ])(
    '%s is a problem with a way out, never an error',
    async (_what, machine, label, material, draughtMPerS, station) => {
      const { status, body } = await post('/changeover', {
        machine,
        wire: { label },
        job: { material, thicknessMm: 3, draughtMPerS },
      })
      expect(status).toBe(200)
      expect(body.problems.map((p: { station: string }) => p.station)).toEqual([station])
      expect(body.problems[0].wayOut.length).toBeGreaterThan(10)
      expect([body.steps, body.minutes]).toEqual([[], null])
    },
  )
  test.each([
    [
      'an unreadable stamp',
      { machine: gull({ contactTip: { stamp: 'banana' } }) },
      'machine.fitted.contactTip.stamp',
    ],
    ['a mixture of 130 %', { machine: gull({ gas: { Ar: 110, CO2: 20 } }) }, 'machine.fitted.gas.Ar'],
    ['a label no wire has', { wire: { label: 'E71T-15 1.2' } }, 'wire.label'],
    ['a label without its size', { wire: { label: 'ER5356' } }, 'wire.label'],
    [
      'an old wire that cannot be read',
      { machine: gull({ wire: { label: 'ER70-S6' } }) },
      'machine.fitted.wire.label',
    ],
    ['a thickness out of range', { job: { ...job, thicknessMm: 0.2 } }, 'job.thicknessMm'],
    ['a draught out of range', { job: { ...job, draughtMPerS: 51 } }, 'job.draughtMPerS'],
    [
      'no wire to go on, and none read on the machine',
      { wire: undefined, machine: gull({ wire: undefined }) },
      'machine.fitted.wire',
    ],
    [
      'no wire to go on, and an empty machine',
      { wire: undefined, machine: gull({ wire: null }) },
      'machine.fitted.wire',
    ],
    ['a wire without a job', { job: undefined }, 'job'],
    [
      'a wrong polarity kept',
      {
        wire: { label: 'E71T-11 .035' },
        job: { material: 'mild-steel', thicknessMm: 4 },
        keep: ['rollPressure', 'polarity'],
      },
      'keep.1',
    ],
    ['a tip smaller than the wire kept', { keep: ['contactTip'] }, 'keep.0'],
    [
      'a liner smaller than the wire kept',
      { machine: gull({ liner: { material: 'ptfe', minMm: 0.8, maxMm: 1 } }), keep: ['liner'] },
      'keep.0',
    ],
    [
      'a part that goes on elsewhere',
      { store: [{ kind: 'contactTip', stamp: '1.2' }], use: { liner: 0 } },
      'use.liner',
    ],
    ['a part that is not there', { store: [], use: { liner: 3 } }, 'use.liner'],
    [
      'an active groove the roll has not',
      { machine: gull({ driveRolls: { profile: 'smooth-v', grooves: ['0.8'], active: '1.2' } }) },
      'machine.fitted.driveRolls.active',
    ],
  ])('%s is 422 with its path', async (_what, change, path) => {
    const { status, body } = await post('/changeover', {
      machine: gull(),
      wire: { label: 'ER5356 1.2' },
      job,
      ...change,
    })
    expect(status).toBe(422)
    expect(body.problems.map((p: { path: string }) => p.path)).toContain(path)
  })
  test('what was not read is unknown, and the steps begin by reading it', async () => {
    const { body } = await post('/changeover', {
      machine: gull({ liner: undefined, polarity: undefined }),
      wire: { label: 'ER5356 1.2' },
      job,
    })
    const unknown = body.findings
      .filter((f: { verdict: string }) => f.verdict === 'unknown')
      .map((f: { station: string }) => f.station)
    expect(unknown).toEqual(['liner', 'polarity'])
    expect(body.steps.slice(0, 2).map((s: { task: string }) => s.task)).toEqual([
      'readStation',
      'readStation',
    ])
    expect(body.proof.holds).toBe(true)
  })
})

describe('the edge', () => {
  test.each([
    ['not JSON', '{"label":'],
    ['a bare list', '[]'],
    ['null', 'null'],
    ['nothing', ''],
  ])('%s is 422 with problems', async (_what, sent) => {
    for (const path of ['/decode', '/changeover']) {
      const { status, body } = await post(path, sent)
      expect([status, Array.isArray(body.problems)]).toEqual([422, true])
    }
  })
  test('a body above 1 MB is 413 with problems', async () => {
    const { status, body } = await post('/decode', { label: 'x'.repeat(1_000_001) })
    expect([status, body.problems.length]).toEqual([413, 1])
  })
  test('what is not there is 404 in JSON; another method 405', async () => {
    expect((await request(app).get('/api/v1/nothing')).body.problems).toHaveLength(1)
    for (const path of ['/api/v1/decode', '/api/v1/changeover', '/api/v1/info', '/', '/change/1'])
      for (const method of ['put', 'delete', 'patch'] as const) {
        const { status, body, headers } = await request(app)[method](path).send({})
        expect([status, body.problems.length, headers.allow]).toEqual([
          405,
          1,
          /decode|changeover$/.test(path) ? 'POST' : 'GET, HEAD',
        ])
      }
  })
  test.each(['shop.example', 'localhost.example', '10.0.0.7:4173', '127.0.0.1.example'])(
    'a page that calls this computer %s is not answered',
    async (host) => {
      const { status, body } = await request(app).get('/api/v1/info').set('Host', host)
      expect([status, body.problems.length]).toEqual([421, 1])
    },
  )
  test.each([
    'localhost:9',
    '[::1]:9',
    '127.3.4.5',
    hostname(),
    `${hostname()}.local:4173`,
    'bench.shop.example',
  ])('this computer is answered by %s, and so is a page from there', async (host) => {
    process.env.ALLOWED_HOSTS = 'Bench.shop.example, other.example'
    const own = createApp()
    delete process.env.ALLOWED_HOSTS
    const get = () => request(own).get('/api/v1/info').set('Host', host)
    expect((await get()).status).toBe(200)
    expect((await get().set('Origin', `http://${host}`)).status).toBe(200)
  })
  test('each address of this computer is its own; a page from elsewhere is refused', async () => {
    for (const { address, family } of Object.values(networkInterfaces()).flatMap((list) => list ?? []))
      if (family === 'IPv4')
        expect((await request(app).get('/api/v1/info').set('Host', `${address}:4173`)).status).toBe(200)
    for (const origin of ['http://shop.example', 'null', 'http://127.0.0.1.example', 'x'])
      expect((await request(app).get('/api/v1/info').set('Origin', origin)).status).toBe(403)
  })
  test('camera and wake lock are kept for this page alone, the microphone for nobody', async () => {
    const { headers } = await request(app).get('/api/v1/info').set('Host', 'localhost:9')
    expect(headers['permissions-policy']).toMatch(
      /camera=\(self\), screen-wake-lock=\(self\).*microphone=\(\)/,
    )
  })
  test('a hundred problems are listed as fifty and how many more', async () => {
    const store = Array.from({ length: 100 }, () => ({ kind: 'contactTip', stamp: 'x' }))
    const { status, body } = await post('/changeover', {
      machine: gull(),
      wire: { label: 'ER5356 1.2' },
      job,
      store,
    })
    expect([status, body.problems.length]).toEqual([422, 51])
    expect(body.problems[50].message).toContain('50 more')
  })
  test('more values than any shop has are refused before they are read', async () => {
    const { status, body } = await post('/changeover', `{"store":[${'0,'.repeat(200_000)}0]}`)
    expect([status, body.problems.length]).toEqual([422, 1])
  })
  test.each([
    ['machine.fitted.contactTip.stamp', { machine: gull({ contactTip: { stamp: ' '.repeat(40_000) } }) }],
    ['machine.voltTaps.0', { machine: gull({}, { voltTaps: ['x'.repeat(900)] }) }],
    ['machine.spools', { machine: gull({}, { spools: new Array(9000).fill('S200') }) }],
    ['minutes', { minutes: Object.fromEntries(Array.from({ length: 900 }, (_, i) => [`t${i}`, 1])) }],
  ])('a text or list without end at %s is refused with its path', async (path, over) => {
    const { status, body } = await post('/changeover', {
      machine: gull(),
      wire: { label: 'ER5356 1.2' },
      job,
      ...over,
    })
    expect(status).toBe(422)
    expect(body.problems.map((p: { path: string }) => p.path).join()).toContain(
      path.split('.').slice(0, -1).join('.'),
    )
  })
  test('one spool on the shelf that nobody can read stops no plan', async () => {
    const store = ['solid steel 0.9', '???', 'ER5356 1.2'].map((label) => ({ kind: 'wire', label }))
    const { status, body } = await post('/changeover', {
      machine: gull(),
      wire: { label: 'ER5356 1.2' },
      job,
      store,
    })
    expect(status).toBe(200)
    expect(body.gather[0]).toMatchObject({ station: 'spool', have: true })
    expect(body.steps.length).toBeGreaterThan(20)
  })
  test('security headers allow no inline script and no inline style', async () => {
    const { headers } = await request(app).get('/api/v1/info')
    const policy = headers['content-security-policy']!
    // Compiled code of our own, for reading a photographed box, and nothing more.
    expect(policy).toContain("script-src 'self' 'wasm-unsafe-eval';")
    expect(policy.replace("'wasm-unsafe-eval'", '')).not.toContain('unsafe')
    expect(headers['x-content-type-options']).toBe('nosniff')
    expect(headers['strict-transport-security']).toBeUndefined()
  })
})

test('whatever is put in place of any value, the answer is 200 or 422 with problems, never a 500', async () => {
  const whole = {
    machine: gull(),
    wire: { label: 'ER5356 1.2' },
    job,
    store: [{ kind: 'driveRolls', profile: 'smooth-u', grooves: ['1.2'], count: 1 }],
    practice: {},
  }
  const paths = (value: unknown, at: string[] = []): string[][] =>
    typeof value === 'object' && value !== null
      ? [at, ...Object.entries(value).flatMap(([key, inner]) => paths(inner, [...at, key]))]
      : [at]
  const put = (path: string[], junk: unknown) => {
    if (path.length === 0) return junk
    const copy = JSON.parse(JSON.stringify(whole)) as Record<string, unknown>
    const into = path
      .slice(0, -1)
      .reduce<Record<string, unknown>>((o, key) => o[key] as Record<string, unknown>, copy)
    into[path.at(-1)!] = junk
    return copy
  }
  const junk = fc.oneof(
    fc.constantFrom(
      null,
      -1,
      0,
      1e9,
      '',
      '0.9',
      [],
      {},
      true,
      ['0.9'],
      { label: 'E71T-11 .035' },
      'DCEN',
      '__proto__',
    ),
    fc.string(),
    fc.double({ noNaN: true }),
  )
  await fc.assert(
    fc.asyncProperty(fc.constantFrom(...paths(whole)), junk, async (path, value) => {
      const { status, body } = await post('/changeover', JSON.stringify(put(path, value)))
      expect([200, 422]).toContain(status)
      expect(Array.isArray(body.problems)).toBe(true)
      if (status === 200 && body.problems.length === 0) expect(body.proof.holds).toBe(true)
    }),
    { numRuns: 600, seed: 11 },
  )
}, 60_000)
