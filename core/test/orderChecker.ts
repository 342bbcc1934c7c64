/**
 * A checker over the order of tasks, which knows nothing of the model that the proof runs: every rule looks back in
 * the list for what came last of a few tasks. Written from the trade's own rules of safe order: isolation, the wire's
 * end, threading, the cylinder, the arc.
 */
export interface Listed {
  id: string
  task: string
  place: string
  station?: string | undefined
  hold: boolean
  captive: boolean
}

/** What the checker must know of the setup; read off the request, not off the planner. */
export interface OrderSetup {
  /** A wire is on, or nobody looked. */
  wireOn: boolean
  /** The spool has run out: no end hangs at it. */
  empty: boolean
  /** The wire stays. */
  stays: boolean
  /** A spool is on the hub, or nobody looked. */
  spoolOn: boolean
  /** A cylinder is on, or nobody looked. */
  gasOn: boolean
  gasNeeded: boolean
  soft: boolean
  /** Of unknown kind: ends with the question to the box. */
  open: boolean
  gunOn: boolean
  tipOn: boolean
  tipUnread: boolean
  linerOn: boolean
  nozzleOn: boolean
  /** Rolls in the gun that is on, and in the one that will be: both may be undecided. */
  gunPulls: boolean
  goingPulls: boolean
  /** Tip and nozzle of a gun that goes on. */
  goingTip: boolean
  goingNozzle: boolean
  /** The shop threads with a right tip on. */
  tipMayStay: boolean
  knot: boolean
  /** Spool and rolls in the gun: the one that is on, and the one that will be. */
  spoolGun: boolean
  spoolGunGoing: boolean
  /** A fault makes the case live. */
  earthPoor: boolean
  /** Cooled by water: the gun that is on, and the one that will be. */
  water: boolean
  waterGoing: boolean
  /** The wire passes the inlet before the spool goes on. */
  inletFirst: boolean
  /** The liner is cut at the rolls. */
  cutAtRolls: boolean
  /** Parts or tools are fetched. */
  fetches: boolean
  preheat: boolean
  drum: boolean
  /** An adapter or the like is on the hub. */
  adapterOn: boolean
  polarity: 'studs' | 'plugs' | 'switch' | 'fixed'
  /** What each station asks for, as it was answered. */
  verdicts: Readonly<Record<string, 'change' | 'adjust' | 'fits' | 'unknown'>>
  /** Everything that is wrong there, by rule. */
  rules: Readonly<Record<string, readonly string[]>>
  /** Tasks of the whole list: what a mended list must still hold to set a station right. */
  whole: readonly Listed[]
}

const OFF = [
  'takeOldWire spoolOff mountSpool setBrake fitAdapter adapterOff passInlet clampMend hosesOff hosesOn gunBack lookOver rollsChange rollsTurn rollsClean gunRollsChange gunRollsTurn gunRollsClean inletGuideChange inletGuideSet',
  'outletGuideChange outletGuideSet outletGuideOut gunOff gunSwap linerOut linerIn linerTrim innerLiner',
  'innerLinerClean oRing oRingCheck blowOutLiner threadNewWire openArm clearTangle connectGun nozzleOff snipBall tipOff',
  'seatSpool',
]
  .join(' ')
  .split(' ')
const GLOVES =
  'coolGun nozzleOff tipOff takeOldWire takeNewEnd leadConduit shutCylinder crackValve regulatorOff cleanCoupon preheat innerLinerClean snipBall holdOldWire openArm cutOldWire windBack tuckOldEnd clearTangle pullOldWire linerOut linerTrim blowOutLiner passInlet freeNewEnd cutNewEnd threadNewWire feedThrough trimWire setPressure testWeld'.split(
    ' ',
  )
const OPENS =
  'takeOldWire nozzleOff openArm gunOff spoolOff adapterOff regulatorOff swapStuds swapPlugs tightenStuds openCase'.split(
    ' ',
  )
const HOT =
  'gunOff gunRollsTurn gunRollsClean gunClean nozzleOff snipBall tipOff nozzleClean tipClean innerLiner gunRollsChange'.split(
    ' ',
  )
const TRIGGERS = 'feedThrough setPressure purgeGas setFlow clickTest'.split(' ')
/** Work in the way of a wire. */
const IN_THE_WAY =
  'lookOver rollsChange rollsTurn rollsClean inletGuideChange inletGuideSet outletGuideChange outletGuideSet outletGuideOut gunOff linerOut innerLiner innerLinerClean gunClean gunRollsChange gunRollsTurn gunRollsClean'.split(
    ' ',
  )

/** A part of the store that lay there dirty is cleaned once it is on. */
const CLEANED_AFTER: Readonly<Record<string, string>> = {
  rollsClean: 'rollsChange',
  gunRollsClean: 'gunRollsChange',
  innerLinerClean: 'innerLiner',
  blowOutLiner: 'linerIn',
}
const OF_A_GUN = 'oRing innerLiner innerLinerClean gunClean gunRollsChange gunRollsTurn gunRollsClean'.split(
  ' ',
)

/** @returns what is wrong with a list, each as rule and place; empty where nobody could be hurt and the end is right */
export function checkOrder(list: readonly Listed[], s: OrderSetup): string[] {
  const wrong: string[] = []
  const upTo = (i: number, ...of: string[]): string | undefined => {
    for (let j = i - 1; j >= 0; j--) if (of.includes(list[j]!.task)) return list[j]!.task
    return undefined
  }
  const ever = (i: number, ...of: string[]) => upTo(i, ...of) !== undefined
  /** `b` came, and no `a` since. */
  const since = (i: number, b: string, ...a: string[]) => upTo(i, b, ...a) === b

  const on = (i: number) => upTo(i, 'switchOff', 'switchOn') !== 'switchOff'
  const plugged = (i: number) => upTo(i, 'unplug', 'plugIn') !== 'unplug'
  const still = (i: number) => since(i, 'waitDischarge', 'plugIn')
  const open = (i: number) =>
    ['openArm', 'takeOldWire', 'freeNewEnd', 'takeNewEnd'].includes(
      upTo(i, 'openArm', 'takeOldWire', 'freeNewEnd', 'takeNewEnd', 'closeArm') ?? '',
    )
  const END = [
    'takeOldWire',
    'holdOldWire',
    'tuckOldEnd',
    'spoolOff',
    'mountSpool',
    'takeNewEnd',
    'freeNewEnd',
    'closeArm',
    'tuckNewEnd',
  ]
  /** Where the end at the spool is. */
  const end = (i: number): 'rolls' | 'hand' | 'tucked' | 'none' => {
    for (let j = i - 1; j >= 0; j--) {
      const { task } = list[j]!
      if (!END.includes(task)) continue
      if (task === 'freeNewEnd' || task === 'takeNewEnd') return 'hand'
      if (task === 'closeArm') return 'rolls'
      if (task === 'tuckNewEnd') return 'tucked'
      if (task === 'mountSpool') return 'tucked'
      if (task === 'spoolOff') return 'none'
      // With neither spool nor wire there is nothing to hold.
      if (hub(j) === 'none' && end(j) === 'none') return 'none'
      return task === 'holdOldWire' || task === 'takeOldWire' ? 'hand' : 'tucked'
    }
    return s.wireOn && !s.empty ? 'rolls' : 'none'
  }
  const hub = (i: number): 'old' | 'new' | 'none' => {
    const last = upTo(i, 'mountSpool', 'spoolOff')
    return last === 'mountSpool'
      ? 'new'
      : last === 'spoolOff'
        ? 'none'
        : s.spoolOn || s.wireOn
          ? 'old'
          : 'none'
  }
  /** What lies in the gun. */
  const inGun = (i: number): 'old' | 'new' | 'none' => {
    const last = upTo(i, 'threadNewWire', 'pullOldWire', 'windBack')
    return last === 'threadNewWire' ? 'new' : last ? 'none' : s.wireOn ? 'old' : 'none'
  }
  /** Wire in the gun hangs together with the spool. */
  const whole = (i: number) => {
    const last = upTo(i, 'cutOldWire', 'windBack', 'threadNewWire')
    return last === undefined ? s.wireOn && !s.empty : last === 'threadNewWire'
  }
  const ball = (i: number) => s.wireOn && !ever(i, 'snipBall', 'tipOff', 'threadNewWire', 'trimWire')
  const gunIsOn = (i: number) =>
    (upTo(i, 'gunOff', 'gunBack') ?? (s.gunOn ? 'gunBack' : 'gunOff')) === 'gunBack'
  const tip = (i: number) => {
    const last = upTo(i, 'tipOff', 'fitTip', 'gunSwap')
    return last === 'gunSwap' ? s.goingTip : last === undefined ? s.tipOn : last === 'fitTip'
  }
  const nozzle = (i: number) => {
    const last = upTo(i, 'nozzleOff', 'fitNozzle', 'gunSwap')
    return last === 'gunSwap' ? s.goingNozzle : last === undefined ? s.nozzleOn : last === 'fitNozzle'
  }
  /** Nobody looked: it is taken to be there where it must not be, and not to be there where it must. */
  const tipSure = (i: number) =>
    tip(i) && !(s.tipUnread && upTo(i, 'tipOff', 'fitTip', 'gunSwap') === undefined)
  const straight = (i: number) =>
    ['layLeadStraight', 'pullOldWire'].includes(upTo(i, 'layLeadStraight', 'pullOldWire', 'gunSwap') ?? '')
  const passes = (i: number) => {
    const pulls = ever(i, 'gunSwap') ? s.goingPulls : s.gunPulls
    return !pulls || upTo(i, 'gunRollsOpen', 'gunRollsClose', 'gunSwap') === 'gunRollsOpen'
  }
  const letsPass = (i: number) => (!tip(i) || (s.tipMayStay && !ball(i))) && passes(i)
  const cool = (i: number) =>
    upTo(i, 'coolGun', 'testWeld', 'gunSwap') === 'coolGun' || since(i, 'gunSwap', 'testWeld')
  const clear = (i: number) => inGun(i) === 'none' && !['rolls', 'hand'].includes(end(i))
  const clampIsOff = (i: number) => upTo(i, 'clampOff', 'clampOn') === 'clampOff'
  const valveOpen = (i: number) => {
    const last = upTo(i, 'shutCylinder', 'openCylinder')
    return last === undefined ? s.gasOn : last === 'openCylinder'
  }
  const regulator = (i: number) => {
    const last = upTo(i, 'regulatorOff', 'regulatorOn')
    return last === undefined ? s.gasOn : last === 'regulatorOn'
  }
  const chained = (i: number) => {
    const last = upTo(i, 'checkChain', 'shutCylinder', 'chainCylinder', 'regulatorOff')
    return last !== undefined && last !== 'regulatorOff'
  }
  const screwOut = (i: number) =>
    ['shutCylinder', 'regulatorOn'].includes(
      upTo(i, 'shutCylinder', 'regulatorOn', 'openCylinder', 'setFlow') ?? '',
    )
  const drained = (i: number) => {
    if (!s.gasOn && !ever(i, 'openCylinder')) return true
    for (let j = i - 1; j >= 0; j--) {
      if (list[j]!.task === 'openCylinder') return false
      if (list[j]!.task === 'shutCylinder' && on(j)) return true
    }
    return false
  }
  const leakTight = (i: number) => !ever(i, 'regulatorOn') || since(i, 'leakCheck', 'regulatorOn')
  const purged = (i: number) => !ever(i, 'regulatorOn') || since(i, 'purgeGas', 'regulatorOn')
  const flowSet = (i: number) => {
    const last = upTo(i, 'setFlow', 'shutCylinder')
    return last === 'setFlow' || (last === undefined && s.stays && s.gasOn && s.verdicts.gasFlow === 'fits')
  }
  const fed = (i: number) => {
    const last = upTo(i, 'feedThrough', 'pullOldWire', 'windBack')
    return last === 'feedThrough' || (last === undefined && s.stays)
  }
  const brake = (i: number) => {
    const last = upTo(i, 'setBrake', 'spoolOff', ...(s.drum ? ['mountSpool'] : []))
    const asItWas = last === undefined && s.stays && !s.whole.some(({ task }) => task === 'setBrake')
    return last === 'setBrake' || last === 'mountSpool' || asItWas
  }
  const tested = (i: number) => {
    const last = upTo(i, 'setPressure', 'openArm', 'takeOldWire', 'takeNewEnd')
    return last === 'setPressure' || (last === undefined && s.stays)
  }
  const trimmed = (i: number) => {
    const last = upTo(i, 'trimWire', 'setPressure', 'feedThrough')
    return last === 'trimWire' || (last === undefined && s.stays)
  }
  const rightSpool = (i: number) => hub(i) === 'new' || (s.stays && hub(i) === 'old')
  const linerIn = (i: number) =>
    (upTo(i, 'linerOut', 'linerIn') ?? (s.linerOn ? 'linerIn' : 'linerOut')) === 'linerIn'

  const spoolGun = (i: number) => (ever(i, 'gunSwap') ? s.spoolGunGoing : s.spoolGun)
  const waterOn = (i: number) =>
    (upTo(i, 'hosesOff', 'hosesOn') ?? (s.water && s.gunOn && !ever(i, 'gunSwap') ? 'hosesOn' : '')) ===
    'hosesOn'

  const needs: Record<string, (i: number) => unknown> = {
    unplug: (i) => !on(i),
    plugIn: (i) => !on(i),
    switchOn: (i) => plugged(i) && end(i) !== 'hand',
    waitDischarge: (i) => !plugged(i),
    coolGun: (i) => !on(i),
    swapStuds: (i) => !plugged(i) && still(i),
    tightenStuds: (i) => !plugged(i) && still(i),
    swapPlugs: (i) => !plugged(i),
    supplyFix: (i) => !plugged(i),
    turnSwitch: (i) => !on(i),
    snipBall: (i) => !nozzle(i),
    tipOff: (i) => !nozzle(i),
    nozzleClean: (i) => !nozzle(i),
    tipClean: (i) => !tip(i),
    takeOldWire: (i) => hub(i) !== 'new',
    holdOldWire: (i) => hub(i) !== 'new',
    openArm: (i) => end(i) !== 'rolls',
    cutOldWire: (i) => open(i) && (end(i) === 'hand' || (hub(i) === 'none' && end(i) === 'none')),
    windBack: (i) =>
      open(i) &&
      letsPass(i) &&
      (straight(i) || !gunIsOn(i) || spoolGun(i)) &&
      (end(i) === 'hand' || (hub(i) === 'none' && end(i) === 'none')),
    tuckOldEnd: (i) => open(i) && !whole(i),
    pullOldWire: (i) =>
      open(i) && letsPass(i) && !whole(i) && end(i) !== 'hand' && (!s.knot || ever(i, 'clearTangle')),
    clearTangle: (i) => open(i) && end(i) !== 'rolls' && end(i) !== 'hand',
    spoolOff: (i) => hub(i) !== 'new' && !whole(i) && (end(i) === 'tucked' || end(i) === 'none'),
    adapterOff: (i) => hub(i) === 'none',
    fitAdapter: (i) =>
      hub(i) === 'none' && (!s.adapterOn || upTo(i, 'adapterOff', 'fitAdapter') === 'adapterOff'),
    mountSpool: (i) =>
      hub(i) === 'none' &&
      end(i) !== 'hand' &&
      (!s.inletFirst || s.drum || spoolGun(i) || since(i, 'passInlet', 'spoolOff')),
    seatSpool: (i) => end(i) === 'rolls' || end(i) === 'tucked',
    passInlet: (i) => hub(i) === 'none' && inGun(i) === 'none',
    setBrake: (i) => rightSpool(i) && end(i) !== 'hand',
    gunSwap: (i) => !gunIsOn(i),
    gunBack: (i) => !gunIsOn(i),
    oRing: (i) => !gunIsOn(i),
    oRingCheck: (i) => !gunIsOn(i),
    connectGun: (i) => gunIsOn(i),
    linerOut: (i) => !gunIsOn(i) && clear(i),
    linerIn: (i) => !gunIsOn(i) && !tip(i) && !linerIn(i),
    linerTrim: (i) => linerIn(i),
    blowOutLiner: (i) => !tip(i) && !gunIsOn(i) && inGun(i) === 'none',
    hosesOff: (i) => !on(i),
    hosesOn: (i) => !on(i) && gunIsOn(i),
    takeNewEnd: (i) => rightSpool(i) && brake(i) && end(i) === 'tucked' && inGun(i) === 'none',
    leadConduit: (i) => end(i) === 'hand' && s.drum && rightSpool(i),
    freeNewEnd: (i) => rightSpool(i) && brake(i) && end(i) === 'tucked',
    cutNewEnd: (i) =>
      end(i) === 'hand' &&
      inGun(i) === 'none' &&
      upTo(i, 'holdOldWire', 'freeNewEnd', 'passInlet') !== 'holdOldWire',
    threadNewWire: (i) =>
      end(i) === 'hand' &&
      rightSpool(i) &&
      ever(i, 'cutNewEnd', 'takeNewEnd') &&
      (!s.drum || since(i, 'leadConduit', 'mountSpool')) &&
      open(i) &&
      gunIsOn(i) &&
      inGun(i) === 'none' &&
      (!ever(i, 'linerIn') || since(i, 'linerTrim', 'linerIn') || spoolGun(i)),
    closeArm: (i) => inGun(i) === 'new',
    feedThrough: (i) =>
      on(i) &&
      end(i) === 'rolls' &&
      inGun(i) === 'new' &&
      gunIsOn(i) &&
      (ever(i, 'gunSwap') ? since(i, 'connectGun', 'gunSwap') : s.gunOn) &&
      passes(i) &&
      !nozzle(i) &&
      (!tip(i) || s.tipMayStay) &&
      !valveOpen(i) &&
      (!s.soft || straight(i) || spoolGun(i)) &&
      clampIsOff(i),
    gunRollsClose: (i) => upTo(i, 'gunRollsOpen', 'gunRollsClose', 'gunSwap') === 'gunRollsOpen' && fed(i),
    fitTip: (i) => fed(i) && !tip(i),
    fitNozzle: (i) => tipSure(i) && !nozzle(i),
    trimWire: (i) => tipSure(i) && fed(i),
    setPressure: (i) =>
      on(i) &&
      tipSure(i) &&
      end(i) === 'rolls' &&
      fed(i) &&
      clampIsOff(i) &&
      upTo(i, 'gunRollsOpen', 'gunRollsClose', 'gunSwap') !== 'gunRollsOpen',
    regulatorOff: (i) => !valveOpen(i) && drained(i) && chained(i),
    chainCylinder: (i) => !regulator(i),
    crackValve: (i) => !regulator(i) && chained(i),
    regulatorOn: (i) =>
      chained(i) && !valveOpen(i) && !regulator(i) && since(i, 'crackValve', 'regulatorOff'),
    shutCylinder: (i) => !on(i) || !s.gasOn || drained(i) || clampIsOff(i),
    openCylinder: (i) => regulator(i) && chained(i) && screwOut(i),
    leakCheck: (i) => valveOpen(i) && !screwOut(i),
    purgeGas: (i) => valveOpen(i) && on(i) && leakTight(i) && clampIsOff(i),
    setFlow: (i) =>
      valveOpen(i) && on(i) && purged(i) && (nozzle(i) || ever(i, 'fitNozzle')) && clampIsOff(i),
    clampMend: (i) => clampIsOff(i) && !on(i),
    gatherParts: (i) => !on(i) || ever(i, 'testWeld'),
    putAway: (i) => !on(i) || ever(i, 'testWeld'),
    askBox: (i) => !on(i) || ever(i, 'testWeld'),
    cleanCoupon: (i) => ever(i, 'hotWork'),
    preheat: (i) => ever(i, 'cleanCoupon') && ever(i, 'hotWork'),
    testWeld: (i) =>
      on(i) &&
      tested(i) &&
      !clampIsOff(i) &&
      ever(i, 'cleanCoupon') &&
      tipSure(i) &&
      nozzle(i) &&
      trimmed(i) &&
      ever(i, 'hotWork') &&
      leakTight(i) &&
      purged(i) &&
      (!s.preheat || ever(i, 'preheat')) &&
      (s.gasNeeded ? valveOpen(i) && flowSet(i) : !valveOpen(i)) &&
      setRight(i, 'contactTip') &&
      setRight(i, 'polarity') &&
      setRight(i, 'gas'),
    fireWatch: (i) => ever(i, 'testWeld'),
  }

  /** Whether what a station asked for has been done: the tasks that did it in the whole list came before. */
  function setRight(i: number, station: string): boolean {
    const verdict = s.verdicts[station]
    if (verdict === 'fits') return true
    const did = s.whole.filter((step) => step.station === station && SETS[station]?.includes(step.task))
    if (station === 'polarity') {
      const studs = s.rules.polarity?.includes('studs-loose') === true
      const clamp = s.rules.polarity?.some((rule) => rule.startsWith('work-clamp')) === true
      const other = s.rules.polarity?.some((rule) => rule.startsWith('polarity-')) === true
      const moved = ever(i, 'swapStuds', 'swapPlugs', 'turnSwitch')
      const byHand = ever(i, 'swapStuds', 'swapPlugs', 'tightenStuds')
      return (
        (!other || moved) && (i < list.length || ((!studs || byHand) && (!clamp || ever(i, 'clampMend'))))
      )
    }
    return did.every((step) => list.slice(0, i).some((there) => there.id === step.id))
  }

  list.forEach((step, i) => {
    const { task } = step
    const name = (rule: string) => `${rule} at ${step.id}`
    if (needs[task] && !needs[task](i)) wrong.push(name('order'))
    if (OFF.includes(task) && on(i)) wrong.push(name('machine-on'))
    if (IN_THE_WAY.includes(task) && !clear(i)) wrong.push(name('wire-in-the-way'))
    if (GLOVES.includes(task) && !ever(i, 'protect')) wrong.push(name('no-gloves'))
    if (OPENS.includes(task) && !ever(i, 'gatherParts')) wrong.push(name('not-gathered'))
    if ((HOT.includes(task) || (task === 'readStation' && step.place === 'gun')) && !cool(i))
      wrong.push(name('hot'))
    const fits = CLEANED_AFTER[task]
    if (fits && list.slice(i).some((later) => later.task === fits))
      wrong.push(name('cleaned before it is on'))
    // Another gun undoes what was done to the one before.
    if (OF_A_GUN.includes(task) && list.slice(i).some((later) => later.task === 'gunSwap'))
      wrong.push(name('before the swap'))
    const hands = ['spool', 'cabinet', ...(spoolGun(i) ? ['gun'] : [])]
    if (end(i) === 'hand' && !(step.captive && hands.includes(step.place))) wrong.push(name('hand-full'))
    // Water: off the gun before it comes off, on again before the arc.
    if (task === 'gunOff' && waterOn(i)) wrong.push(name('water on'))
    if (task === 'testWeld' && (ever(i, 'gunSwap') ? s.waterGoing : s.water) && !waterOn(i))
      wrong.push(name('no water'))
    // A case that may be live: nothing before the plug is out, and not on again before it is mended.
    if (s.earthPoor && !ever(i, 'supplyFix')) {
      if (plugged(i) && (OFF.includes(task) || TRIGGERS.includes(task)) && end(i) !== 'hand')
        wrong.push(name('live case'))
      if (task === 'shutCylinder' && plugged(i) && on(i)) wrong.push(name('live case'))
      if (task === 'switchOn') wrong.push(name('live case'))
    }
    if (task === 'switchOn' && !gunIsOn(i) && s.gunOn) wrong.push(name('no gun'))
    // Cut to the rolls as they will be.
    if (
      [
        'outletGuideChange',
        'outletGuideSet',
        'outletGuideOut',
        'rollsChange',
        'rollsTurn',
        'rollsClean',
      ].includes(task) &&
      s.cutAtRolls &&
      since(i, 'linerTrim', 'linerIn')
    )
      wrong.push(name('after the liner is cut'))
  })

  if (!s.fetches)
    for (const rule of [...wrong]) if (rule.startsWith('not-gathered')) wrong.splice(wrong.indexOf(rule), 1)
  const n = list.length
  if (inGun(n) !== 'new' && !(s.stays && inGun(n) === 'old')) wrong.push('end: wire')
  if (end(n) !== 'rolls' || open(n) || !fed(n)) wrong.push('end: wire')
  if (upTo(n, 'gunRollsOpen', 'gunRollsClose', 'gunSwap') === 'gunRollsOpen') wrong.push('end: gun rolls')
  if (valveOpen(n) !== (s.gasNeeded && !s.open)) wrong.push('end: valve')
  if (valveOpen(n) && !(leakTight(n) && purged(n))) wrong.push('end: gas line')
  if (!plugged(n) || on(n) === s.open || !gunIsOn(n) || !tipSure(n)) wrong.push('end: machine')
  if (!(nozzle(n) || s.rules.nozzle?.includes('none-wanted'))) wrong.push('end: nozzle')
  if (ever(n, 'gunSwap') ? !since(n, 'connectGun', 'gunSwap') : !s.gunOn) wrong.push('end: gun plug')
  if (!tested(n) || !brake(n) || !trimmed(n)) wrong.push('end: feed')
  if (s.open ? !ever(n, 'askBox') : !(ever(n, 'testWeld') && ever(n, 'fireWatch'))) wrong.push('end: weld')
  for (const station of Object.keys(s.verdicts))
    if (
      station !== 'supply' &&
      !(s.open && ['polarity', 'gas', 'gasFlow'].includes(station)) &&
      !setRight(n, station)
    )
      wrong.push(`end: ${station}`)
  if (s.verdicts.supply === 'change' && !ever(n, 'supplyFix')) wrong.push('end: supply')
  return wrong
}

/** What sets a station right. */
const SETS: Readonly<Record<string, readonly string[]>> = {
  spool: ['adapterOff', 'fitAdapter', 'mountSpool', 'seatSpool'],
  hubBrake: ['setBrake'],
  inletGuide: ['inletGuideChange', 'inletGuideSet'],
  driveRolls: ['rollsChange', 'rollsTurn', 'rollsClean'],
  rollPressure: ['setPressure'],
  outletGuide: ['outletGuideChange', 'outletGuideSet', 'outletGuideOut'],
  liner: ['linerOut', 'linerIn', 'blowOutLiner'],
  gun: [
    'gunSwap',
    'oRing',
    'innerLiner',
    'innerLinerClean',
    'gunClean',
    'gunRollsChange',
    'gunRollsTurn',
    'gunRollsClean',
  ],
  contactTip: ['tipClean', 'fitTip'],
  nozzle: ['nozzleClean', 'fitNozzle'],
  gas: ['regulatorOn', 'shutCylinder'],
  gasFlow: ['setFlow', 'shutCylinder'],
}
