/**
 * A second truth beside `patient.ts`: a machine with something wrong, worked out from what a fault does to forces, to
 * current, to gas and to the hand, and from that what is seen and what a look shows. It knows the names of faults,
 * looks and symptoms, and nothing of how the finder weighs them. Every figure: common practice, no source.
 */
export interface Line {
  /** Aluminium and bronze: it folds where steel springs back. */
  soft: boolean
  tubular: boolean
  gasless: boolean
  gun: 'push' | 'push-pull' | 'spool-gun'
  threading: boolean
}

/** What is so at the machine; forces in N, the arc against a right one. */
interface State {
  tipN: number
  linerN: number
  leadN: number
  spoolN: number
  gripN: number
  foldN: number
  motor: number
  /** Share of the drag that comes and goes along the wire. */
  uneven: number
  blocked: boolean
  crush: number
  shave: number
  plastic: boolean
  bend: number
  pulls: boolean
  runsOn: boolean
  brakeActs: boolean
  spiral: number
  squeal: boolean
  /** V more or less at the arc than were right. */
  volts: number
  speed: number
  /** Contact at the tip and on the way back, 0 good to 1 hardly any. */
  badTip: number
  badReturn: number
  reversed: boolean
  /** mm nearer (below nought) or further off. */
  off: number
  cover: number
  coverAtStart: number
  hiss: boolean
  click: boolean
  leakHeard: boolean
  water: number
  dirt: number
  drag: number
  travel: number
  /** Wire against metal: above nought too thick. */
  size: number
  blow: number
  snappy: number
  endHole: boolean
  brittle: number
  trips: boolean
  rests: boolean
  wanders: number
  nozzleBits: boolean
  otherGas: boolean
  otherWire: boolean
}

const healthy = ({ soft, tubular, threading }: Line): State => ({
  tipN: threading ? 0 : 1,
  linerN: soft ? 5 : 4,
  leadN: 2,
  spoolN: 3,
  gripN: soft ? 26 : tubular ? 45 : 60,
  foldN: soft ? 30 : tubular ? 70 : 120,
  motor: 1,
  uneven: 0.05,
  blocked: false,
  crush: 0,
  shave: 0,
  plastic: false,
  bend: 0,
  pulls: true,
  runsOn: false,
  brakeActs: true,
  spiral: 0,
  squeal: false,
  volts: 0,
  speed: 1,
  badTip: 0,
  badReturn: 0,
  reversed: false,
  off: 0,
  cover: 1,
  coverAtStart: 1,
  hiss: true,
  click: true,
  leakHeard: false,
  water: 0,
  dirt: 0,
  drag: 0,
  travel: 1,
  size: 0,
  blow: 0,
  snappy: 0,
  endHole: false,
  brittle: 0,
  trips: false,
  rests: false,
  wanders: 0,
  nozzleBits: false,
  otherGas: false,
  otherWire: false,
})

interface Fault {
  /** How often one meets it, of a hundred troubles. */
  often: number
  does: (s: State, how: number, line: Line) => void
  /** It cannot be on such a line. */
  not?: (line: Line) => boolean
  /** It is there only while the wire is threaded. */
  threading?: true
  /** It shows once the machine is hot, and is gone when one looks with it cold. */
  hot?: true
  /** What mends it, where that mends more than this. */
  mendedBy?: string
  /** A part that was just fitted may bring it. */
  newPart?: string
}
const isGasless = ({ gasless }: Line) => gasless
const hasNoGunRolls = ({ gun }: Line) => gun === 'push'
const noFeeder = ({ gun }: Line) => gun === 'spool-gun'

/** What each fault does. `how`: 0 slight to 1 severe. */
const FAULTS: Readonly<Record<string, Fault>> = {
  'tip-too-small': {
    often: 3,
    mendedBy: 'tip',
    newPart: 'contactTip',
    does: (s, how) => {
      s.tipN += 40 + 60 * how
      s.blocked = how > 0.4
      s.uneven += 0.2
    },
  },
  'tip-too-large': {
    often: 3,
    mendedBy: 'tip',
    newPart: 'contactTip',
    does: (s, how) => {
      s.badTip += 0.4 + 0.4 * how
      s.spiral += 0.15
    },
  },
  'tip-worn': { often: 8, mendedBy: 'tip', does: (s, how) => void (s.badTip += 0.35 + 0.5 * how) },
  'tip-blocked': {
    often: 6,
    mendedBy: 'tip',
    does: (s, how) => {
      s.tipN += 25 + 80 * how
      s.blocked = how > 0.5
      s.uneven += 0.2
    },
  },
  'tip-loose': { often: 2, hot: true, does: (s, how) => void (s.badTip += 0.5 + 0.4 * how) },
  'tip-on-while-threading': {
    often: 4,
    threading: true,
    does: (s) => {
      s.blocked = true
      s.tipN += 90
    },
  },
  'wire-end-bent': {
    often: 4,
    threading: true,
    does: (s, how) => {
      s.linerN += 50 + 50 * how
      s.blocked = true
      s.bend += 0.3
    },
  },
  'liner-kinked': {
    often: 4,
    mendedBy: 'liner',
    newPart: 'liner',
    not: noFeeder,
    does: (s, how) => {
      s.linerN += 15 + 90 * how
      s.uneven += 0.5
      s.blocked ||= how > 0.85
    },
  },
  'liner-dirty': {
    often: 8,
    mendedBy: 'liner',
    not: noFeeder,
    does: (s, how) => {
      s.linerN += 10 + 30 * how
      s.uneven += 0.4
    },
  },
  'liner-wrong': {
    often: 3,
    mendedBy: 'liner',
    newPart: 'liner',
    not: noFeeder,
    does: (s, how, { soft }) => {
      s.linerN += (soft ? 14 : 12) + 22 * how
      s.uneven += 0.3
      s.plastic = !soft && how > 0.5
      s.shave += soft ? 0.4 : 0
    },
  },
  'liner-too-short': {
    often: 2,
    mendedBy: 'liner',
    newPart: 'liner',
    not: noFeeder,
    does: (s, how) => {
      s.badTip += 0.2 * how
      s.uneven += 0.35
      s.linerN += 8
      s.foldN *= 0.6
      s.bend += 0.3 * how
    },
  },
  'liner-too-long': {
    often: 1.5,
    mendedBy: 'liner',
    newPart: 'liner',
    not: noFeeder,
    does: (s, how) => {
      s.linerN += 8 + 12 * how
      s.bend += 0.6
      s.plastic = true
      s.squeal = how > 0.4
    },
  },
  'lead-bent': {
    often: 6,
    not: noFeeder,
    does: (s, how, { soft }) => {
      s.leadN += (soft ? 12 : 10) + 30 * how
      s.uneven += 0.3
    },
  },
  'push-too-long': {
    often: 1.5,
    not: ({ gun, soft }) => gun !== 'push' || !soft,
    does: (s, how) => {
      s.linerN += 15 + 10 * how
      s.leadN += 5
    },
  },
  'rolls-wrong-profile': {
    often: 3,
    mendedBy: 'rolls',
    newPart: 'driveRolls',
    not: noFeeder,
    does: (s, how, { soft, tubular }) => {
      if (soft || tubular) s.crush += 0.5 + 0.4 * how
      s.shave += soft || !tubular ? 0.6 : 0.2
      if (tubular) s.gripN *= 0.5
      s.uneven += 0.15
    },
  },
  'rolls-wrong-groove': {
    often: 4,
    mendedBy: 'rolls',
    newPart: 'driveRolls',
    not: noFeeder,
    does: (s, how) => {
      // Too large a groove does not hold, too small a one flattens.
      if (how < 0.6) s.gripN *= 0.12
      else {
        s.crush += 0.6
        s.gripN *= 0.7
      }
      s.uneven += 0.1
    },
  },
  'rolls-dirty-or-worn': {
    often: 4,
    not: noFeeder,
    does: (s, how) => {
      s.gripN *= 0.25 - 0.12 * how
      s.uneven += 0.3
      s.squeal = how > 0.7
    },
  },
  'pressure-low': {
    often: 8,
    mendedBy: 'pressure',
    does: (s, how) => {
      s.gripN *= 0.28 - 0.2 * how
      s.uneven += 0.1
    },
  },
  'pressure-high': {
    often: 6,
    mendedBy: 'pressure',
    does: (s, how, { soft, tubular }) => {
      s.gripN *= 2.5
      s.crush += (soft || tubular ? 0.5 : 0.3) + 0.4 * how
      s.shave += 0.3 + 0.3 * how
      s.motor -= 0.2 * how
    },
  },
  'guide-gap': {
    often: 2,
    mendedBy: 'guide',
    not: noFeeder,
    does: (s, how, { soft }) => {
      s.foldN *= soft ? 0.2 : 0.25
      s.bend += 0.5 + 0.3 * how
      s.linerN += 14
    },
  },
  'guide-out-of-line': {
    often: 2,
    mendedBy: 'guide',
    not: noFeeder,
    does: (s, how) => {
      s.shave += 0.6
      s.bend += 0.5
      s.linerN += 6 + 8 * how
      s.squeal = how > 0.6
    },
  },
  'gun-rolls-wrong': {
    often: 4,
    not: hasNoGunRolls,
    does: (s, how) => {
      s.pulls = how < 0.3
      s.crush += 0.3 * how
      s.foldN *= 0.6
      s.linerN += 12
      s.uneven += 0.2
    },
  },
  'gun-rolls-open': {
    often: 5,
    not: hasNoGunRolls,
    does: (s) => {
      s.pulls = false
      s.linerN += 24
      s.foldN *= 0.6
    },
  },
  'brake-tight': {
    often: 4,
    mendedBy: 'brake',
    does: (s, how) => {
      s.spoolN += 18 + 50 * how
      s.motor -= 0.15
    },
  },
  'brake-loose': { often: 4, mendedBy: 'brake', does: (s) => void (s.runsOn = true) },
  'pin-out': {
    often: 1.5,
    does: (s) => {
      s.runsOn = true
      s.brakeActs = false
    },
  },
  'spool-wrong-side': {
    often: 1.5,
    not: noFeeder,
    does: (s, how) => {
      s.bend += 0.5
      s.spiral += 0.4 + 0.4 * how
      s.spoolN += 6
    },
  },
  'turns-crossed': {
    often: 4,
    does: (s, how) => {
      s.spoolN += 30 + 80 * how
      s.uneven += 0.3
      s.blocked ||= how > 0.6
    },
  },
  'wire-cast': {
    often: 1,
    mendedBy: 'spool',
    newPart: 'spool',
    does: (s, how) => {
      s.spiral += 0.6 + 0.3 * how
      s.wanders += 0.4
    },
  },
  'wire-rusty': {
    often: 3,
    mendedBy: 'spool',
    newPart: 'spool',
    does: (s, how) => {
      s.linerN += 10 + 12 * how
      s.uneven += 0.4
      s.shave += 0.3
      s.badTip += 0.25
      s.dirt += 0.2
    },
  },
  'wire-damp': {
    often: 3,
    mendedBy: 'spool',
    newPart: 'spool',
    not: ({ tubular }) => !tubular,
    does: (s, how) => void (s.water += 0.5 + 0.4 * how),
  },
  'wrong-wire': {
    often: 1,
    mendedBy: 'spool',
    newPart: 'spool',
    does: (s, how) => {
      s.otherWire = true
      s.wanders += 0.3
      s.brittle += 0.3 * how
      s.cover -= 0.3 + 0.2 * how
    },
  },
  'polarity-wrong': {
    often: 5,
    does: (s) => void (s.reversed = true),
  },
  'work-clamp': { often: 7, hot: true, does: (s, how) => void (s.badReturn += 0.45 + 0.5 * how) },
  'cable-loose': { often: 2, hot: true, does: (s, how) => void (s.badReturn += 0.4 + 0.4 * how) },
  'supply-weak': {
    often: 3,
    does: (s, how) => {
      s.volts -= 1 + 1.5 * how
      s.trips = how > 0.3
    },
  },
  'mains-low': { often: 1, does: (s, how) => void (s.volts -= 1.2 + 1.5 * how) },
  'duty-cut-out': { often: 2, hot: true, does: (s) => void (s.rests = true) },
  'arc-blow': { often: 1, does: (s, how) => void (s.blow += 0.6 + 0.3 * how) },
  inductance: { often: 1, does: (s, how) => void (s.snappy += 0.6 + 0.3 * how) },
  'cylinder-shut': {
    often: 5,
    not: isGasless,
    does: (s) => {
      s.cover = 0
      s.hiss = false
    },
  },
  'cylinder-empty': {
    often: 5,
    not: isGasless,
    mendedBy: 'cylinder',
    does: (s) => {
      s.cover = 0
      s.hiss = false
    },
  },
  'not-purged': { often: 3, not: isGasless, does: (s) => void (s.coverAtStart = 0.1) },
  'gas-wrong': {
    often: 3,
    not: isGasless,
    mendedBy: 'cylinder',
    newPart: 'gas',
    does: (s, how) => {
      s.otherGas = true
      s.wanders += 0.4
      s.cover -= 0.25 * how
    },
  },
  'flow-low': { often: 5, not: isGasless, does: (s, how) => void (s.cover -= 0.4 + 0.4 * how) },
  'flow-high': { often: 2, not: isGasless, does: (s, how) => void (s.cover -= 0.35 + 0.3 * how) },
  'o-ring': {
    often: 2,
    not: isGasless,
    does: (s, how) => {
      s.cover -= 0.35 + 0.4 * how
      s.leakHeard = how > 0.4
    },
  },
  'hose-leak': {
    often: 2,
    not: isGasless,
    does: (s, how) => {
      s.cover -= 0.3 + 0.3 * how
      s.coverAtStart -= 0.5
      s.leakHeard = how > 0.6
    },
  },
  'solenoid-dead': {
    often: 1,
    not: isGasless,
    does: (s) => {
      s.cover = 0
      s.hiss = false
      s.click = false
    },
  },
  'regulator-frozen': {
    often: 0.7,
    not: isGasless,
    hot: true,
    does: (s, how) => void (s.cover -= 0.5 + 0.4 * how),
  },
  'water-in-gas': { often: 0.4, not: isGasless, mendedBy: 'cylinder', does: (s) => void (s.water += 0.6) },
  'nozzle-blocked': { often: 6, not: isGasless, does: (s, how) => void (s.cover -= 0.4 + 0.4 * how) },
  'nozzle-spatter': {
    often: 1.5,
    not: isGasless,
    does: (s, how) => {
      s.nozzleBits = true
      s.cover -= 0.37 + 0.2 * how
    },
  },
  draught: { often: 6, not: isGasless, does: (s, how) => void (s.cover -= 0.45 + 0.4 * how) },
  'feeder-motor': {
    often: 0.8,
    hot: true,
    does: (s, how) => {
      s.motor -= 0.5 + 0.3 * how
      s.uneven += 0.2
    },
  },
  'control-board': { often: 0.6, does: (s, how) => void (s.wanders += 0.7 + 0.2 * how) },
  'gun-switch': {
    often: 1,
    does: (s, how) => {
      s.click = how > 0.5
      s.motor = how > 0.5 ? 0.5 : 0
    },
  },
  'too-close': { often: 4, does: (s, how) => void (s.off = -5 - 5 * how) },
  'too-far': { often: 5, does: (s, how) => void (s.off = 8 + 9 * how) },
  'gun-angle': { often: 3, does: (s, how) => void (s.drag += 0.6 + 0.3 * how) },
  travel: { often: 3, does: (s, how) => void (s.travel = how < 0.5 ? 0.45 : 1.9) },
  'volts-low': { often: 8, does: (s, how) => void (s.volts -= 2.2 + 2 * how) },
  'volts-high': { often: 6, does: (s, how) => void (s.volts += 2.4 + 2.5 * how) },
  'speed-low': { often: 4, does: (s, how) => void (s.speed = 0.68 - 0.15 * how) },
  'speed-high': { often: 6, does: (s, how) => void (s.speed = 1.35 + 0.25 * how) },
  'wire-thick-for-metal': { often: 3, does: (s) => void (s.size = 1) },
  'wire-thin-for-metal': { often: 2, does: (s) => void (s.size = -1) },
  'metal-dirty': { often: 7, does: (s, how) => void (s.dirt += 0.5 + 0.4 * how) },
  'base-metal': { often: 1, does: (s, how) => void (s.brittle += 0.7 + 0.2 * how) },
  'technique-end': { often: 1.5, does: (s) => void (s.endHole = true) },
}

/** What follows: forces first, then the arc that the fed wire makes. */
function follows(s: State, line: Line) {
  const needN = s.tipN + s.linerN + s.leadN + s.spoolN
  const stands = s.blocked || needN > s.gripN || s.motor <= 0
  const slips = needN > 0.75 * s.gripN
  // Pushed in front of what holds it back, the wire goes where it is not led.
  const ahead = s.tipN + s.linerN + s.leadN
  const folds = Math.min(s.gripN, s.blocked ? s.gripN : ahead) > s.foldN * 0.75
  const jerks = s.uneven * needN > 0.12 * s.gripN || (slips && !stands)
  const strains = s.motor < 0.8 || needN > 60
  const starves = slips || jerks ? 1 - Math.min(0.5, (needN / s.gripN) * 0.5) : 1
  const fed = s.speed * starves
  // What the arc is left with: lost volts on the way, and a longer free wire takes some too.
  const volts = s.volts - 2.5 * s.badReturn - 1.2 * s.badTip - 0.06 * s.off
  // Less wire for the same volts makes a longer arc.
  const length = volts + 5 * (1 - fed)
  return { needN, stands, slips, folds, jerks, strains, fed, volts, length, line }
}
type After = ReturnType<typeof follows>

type Seen = (s: State, a: After) => number
/** How surely each thing is noticed, 0 to 1. */
const SEEN: Readonly<Record<string, Seen>> = {
  birdnest: (_s, { folds, stands, slips }) => (folds ? (stands ? 0.9 : slips ? 0.6 : 0.2) : 0),
  'rolls-slip': (_s, { slips, stands, folds }) => (slips && !folds ? 0.8 : stands && !folds ? 0.7 : 0),
  'feed-stops': (_s, { stands }) => (stands ? 0.75 : 0),
  'feed-jerks': (_s, { jerks, stands }) => (jerks && !stands ? 0.8 : jerks ? 0.3 : 0),
  'wire-flattened': (s) => (s.crush > 0.4 ? 0.8 : 0),
  shavings: (s) => (s.shave > 0.4 ? 0.7 : s.shave > 0.2 ? 0.3 : 0),
  'plastic-shavings': (s) => (s.plastic ? 0.7 : 0),
  'spool-runs-on': (s) => (s.runsOn ? 0.9 : 0),
  'brake-no-effect': (s) => (s.brakeActs ? 0 : 0.7),
  'wire-bends-at-guide': (s) => (s.bend > 0.4 ? 0.7 : s.bend > 0.2 ? 0.2 : 0),
  'wire-spirals': (s) => (s.spiral > 0.3 ? 0.75 : s.spiral > 0.1 ? 0.15 : 0),
  'end-will-not-pass-tip': (s, { line }) =>
    (s.tipN > 30 && (line.threading || s.blocked)) || (s.crush > 0.7 && line.threading) ? 0.6 : 0,
  'motor-strains': (_s, { strains }) => (strains ? 0.5 : 0),
  'squeal-at-rolls': (s) => (s.squeal ? 0.6 : 0),
  'no-pull-at-gun': (s) => (s.pulls ? 0 : 0.8),
  stubbing: (_s, { length, stands }) => (!stands && length < -1.6 ? 0.75 : 0),
  burnback: (s, { length, stands, jerks }) =>
    length > 2.6 || (stands && s.speed > 0) ? 0.6 : s.off < -6 || (jerks && length > 0.8) ? 0.45 : 0,
  'burnback-at-start': (s, { length }) => (s.off < -5 ? 0.6 : length > 2 ? 0.3 : 0),
  'erratic-arc': (s, { jerks, stands }) =>
    s.badTip > 0.3 || s.badReturn > 0.4 ? 0.75 : (jerks && !stands) || s.wanders > 0.35 ? 0.45 : 0,
  'spits-in-tip': (s) => (s.badTip > 0.45 ? 0.45 : s.off < -6 ? 0.3 : 0),
  'weak-arc': (s, { volts }) => (s.badReturn > 0.4 || volts < -2.2 || s.off > 11 || s.size < 0 ? 0.5 : 0),
  'never-settles': (s) => (s.reversed || s.wanders > 0.6 ? 0.6 : s.badReturn > 0.6 || s.otherWire ? 0.3 : 0),
  'breaker-trips': (s) => (s.trips ? 0.9 : 0),
  'cuts-out': (s) => (s.rests ? 0.95 : 0),
  'clamp-hot': (s) => (s.badReturn > 0.5 ? 0.55 : 0),
  'tip-hot': (s) => (s.badTip > 0.6 ? 0.35 : s.off < -5 ? 0.4 : 0),
  'tip-life-short': (s) => (s.badTip > 0.4 || s.shave > 0.5 ? 0.25 : s.off < -6 ? 0.3 : 0),
  'arc-blow': (s) => (s.blow > 0.4 ? 0.8 : 0),
  spatter: (s, { length }) =>
    s.reversed || s.snappy > 0.4 ? 0.75 : Math.abs(length) > 2 || s.otherGas ? 0.5 : s.dirt > 0.4 ? 0.35 : 0,
  ropey: (s, { volts }) => (volts < -2 || s.reversed || s.off > 12 ? 0.6 : s.travel > 1.6 ? 0.4 : 0),
  'no-wetting': (s, { volts }) => (volts < -2 || s.otherGas || s.size < 0 ? 0.5 : s.travel > 1.6 ? 0.3 : 0),
  'lack-of-fusion': (s, { volts }) => (volts < -2.5 || s.size < 0 || s.travel > 1.6 ? 0.35 : 0),
  porosity: (s, { line }) =>
    (!line.gasless && s.cover < 0.65) || s.dirt > 0.4
      ? 0.85
      : s.water > 0.4 || s.off > 11
        ? 0.5
        : s.reversed
          ? 0.4
          : 0,
  'porosity-at-start': (s) => (s.coverAtStart < 0.6 && s.cover > 0.6 ? 0.9 : 0),
  'worm-tracks': (s, { line, length }) =>
    line.tubular && s.water > 0.4 ? 0.7 : line.tubular && length > 2 ? 0.5 : 0,
  'burn-through': (s, { volts }) =>
    s.size > 0 ? 0.8 : volts > 2.2 || s.travel < 0.6 ? 0.5 : s.speed > 1.3 ? 0.25 : 0,
  soot: (s, { line }) =>
    s.drag > 0.5 ? (line.soft ? 0.8 : 0.3) : line.soft && s.cover < 0.7 ? 0.4 : s.otherGas ? 0.3 : 0,
  undercut: (s, { volts }) => (volts > 2.5 ? 0.4 : s.travel > 1.6 || s.drag > 0.6 ? 0.35 : 0),
  'uneven-width': (s, { jerks, stands }) =>
    s.wanders > 0.4 || (jerks && !stands) || s.spiral > 0.5 ? 0.3 : 0,
  crater: (s) => (s.endHole ? 0.8 : 0),
  crack: (s) => (s.brittle > 0.5 ? 0.8 : s.endHole ? 0.3 : 0),
  'slag-in-weld': (s, { volts, line }) => (line.tubular && (volts < -2 || s.travel < 0.6) ? 0.35 : 0),
  'no-hiss': (s) => (s.hiss ? 0 : 0.6),
  'no-click': (s) => (s.click ? 0 : 0.7),
  'hiss-at-connector': (s) => (s.leakHeard ? 0.7 : 0),
}

/** What a look shows, of what is so: `undefined` nothing wrong here; `here`, or which way it is wrong. */
type Shows = (s: State, a: After, has: (fault: string) => boolean) => string | undefined
const here = (is: boolean): string | undefined => (is ? 'here' : undefined)
const LOOKS: Readonly<Record<string, Shows>> = {
  // With the tip off what sticks in the tip alone is gone.
  'tip-off-and-jog': (s, _a, has) => here(s.tipN > 20 || (has('liner-too-short') && s.uneven > 0.3)),
  'read-tip-stamp': (_s, _a, has) =>
    has('tip-too-small') ? 'too-small' : has('tip-too-large') ? 'too-large' : undefined,
  'look-tip-bore': (_s, _a, has) => here(has('tip-worn') || has('tip-blocked')),
  'tip-tight': (_s, _a, has) => here(has('tip-loose')),
  'tip-off-to-thread': (_s, _a, has) => here(has('tip-on-while-threading')),
  // Arm open, pulled at the gun: everything that holds the wire but the rolls.
  'pull-wire-by-hand': (s) => here(s.tipN + s.linerN + s.leadN + s.spoolN > 24),
  'lead-straight': (_s, _a, has) => here(has('lead-bent')),
  'wire-end': (_s, _a, has) => here(has('wire-end-bent')),
  'read-liner': (_s, _a, has) => here(has('liner-wrong')),
  'liner-reach': (_s, _a, has) =>
    has('liner-too-short') ? 'short' : has('liner-too-long') ? 'long' : undefined,
  'blow-out-liner': (_s, _a, has) => here(has('liner-dirty')),
  'liner-out-look': (_s, _a, has) =>
    here(['liner-kinked', 'liner-dirty', 'liner-wrong', 'liner-too-short', 'liner-too-long'].some(has)),
  'read-roll-groove': (_s, _a, has) => here(has('rolls-wrong-profile') || has('rolls-wrong-groove')),
  'look-grooves': (_s, _a, has) => here(has('rolls-dirty-or-worn')),
  'look-wire-after-rolls': (s) => here(s.crush > 0.35 || s.shave > 0.35),
  'guide-gap': (_s, _a, has) =>
    has('guide-gap') ? 'wide' : has('liner-too-long') ? 'touches' : here(has('guide-out-of-line')),
  'read-gun-rolls': (_s, _a, has) => here(has('gun-rolls-wrong') || has('gun-rolls-open')),
  'pressure-test': (_s, { slips }, has) =>
    has('pressure-low')
      ? 'slips'
      : has('pressure-high')
        ? 'crushes'
        : slips && has('rolls-dirty-or-worn')
          ? 'slips'
          : undefined,
  'feel-brake': (_s, _a, has) =>
    has('brake-tight') ? 'tight' : has('brake-loose') || has('pin-out') ? 'loose' : undefined,
  'spool-pin': (_s, _a, has) => here(has('pin-out')),
  'spool-side': (_s, _a, has) => here(has('spool-wrong-side')),
  'look-wire-rust': (_s, _a, has) => here(has('wire-rusty')),
  'look-turns': (_s, _a, has) => here(has('turns-crossed')),
  'short-gun': (s) => here(s.linerN + s.leadN > 16),
  'trace-work-lead': (s) => here(s.reversed),
  'read-box': (s, _a, has) => here(s.reversed || has('wrong-wire')),
  'work-clamp': (_s, _a, has) => here(has('work-clamp')),
  'cable-tight': (_s, _a, has) => here(has('cable-loose')),
  'cord-breaker': (_s, _a, has) => here(has('supply-weak')),
  'mains-volts': (_s, _a, has) => here(has('mains-low') || has('supply-weak')),
  'rest-and-try': (s) => here(s.rests),
  'cylinder-open': (_s, _a, has) => here(has('cylinder-shut')),
  'flow-at-nozzle': (s, _a, has) =>
    here(s.cover < 0.65 && !has('draught') && !has('flow-high') && !s.otherWire),
  'read-flow': (_s, _a, has) =>
    ['cylinder-shut', 'cylinder-empty', 'flow-low', 'regulator-frozen'].some(has)
      ? 'low'
      : has('flow-high')
        ? 'high'
        : undefined,
  'read-gas': (s) => here(s.otherGas),
  'nozzle-diffuser': (_s, _a, has) => here(has('nozzle-blocked') || has('nozzle-spatter')),
  'o-ring': (_s, _a, has) => here(has('o-ring')),
  'leak-check': (_s, _a, has) => here(has('hose-leak') || has('o-ring')),
  click: (s) => here(!s.click),
  draught: (_s, _a, has) => here(has('draught')),
  purge: (s, _a, has) => here(has('not-purged') && s.coverAtStart < 0.6),
  'clean-metal': (s) => here(s.dirt > 0.4),
  'dry-wire': (_s, _a, has) => here(has('wire-damp')),
  'another-spool': (_s, _a, has) => here(['wire-damp', 'wire-cast', 'wrong-wire', 'wire-rusty'].some(has)),
  'look-cast': (_s, _a, has) => here(has('wire-cast')),
  'tip-distance': (s) => (s.off < -3 ? 'too-near' : s.off > 5 ? 'too-far' : undefined),
  'gun-angle': (s) => (s.drag > 0.5 ? 'drag' : undefined),
  travel: (s) => (s.travel < 0.7 ? 'slow' : s.travel > 1.5 ? 'fast' : undefined),
  'volts-down': (s) => here(s.volts > 1.8),
  'volts-up': (s, { volts }) => here(volts < -1.8 && s.badReturn < 0.3),
  'speed-down': (s) => here(s.speed > 1.2),
  'speed-up': (s, { jerks }) => here(s.speed < 0.8 && !jerks),
  'feed-into-air': (_s, { jerks, stands, slips }) => here(jerks || stands || slips),
  'measure-metal': (s) => (s.size > 0 ? 'thinner' : s.size < 0 ? 'thicker' : undefined),
  'move-clamp': (s) => here(s.blow > 0.4),
  'turn-inductance': (s) => here(s.snappy > 0.4),
  'read-metal': (_s, _a, has) => here(has('base-metal')),
  'fill-crater': (s) => here(s.endHole),
  'look-regulator': (_s, _a, has) => here(has('regulator-frozen')),
  'another-cylinder': (_s, _a, has) => here(['water-in-gas', 'cylinder-empty', 'gas-wrong'].some(has)),
}

export interface MechanicalOptions {
  /** Two faults at once. */
  two?: boolean
  /** It is there half of the times one looks. */
  intermittent?: boolean
  /** Of a hundred answers so many are wrong, whatever is there. */
  wrongPercent?: number
  /** Of a hundred looks so many can be made; which they are stays so. */
  canPercent?: number
  /** Faults that are not drawn, such as what the machine does not have. */
  without?: (fault: string) => boolean
  /** Only such as show hot, or came with a part that was just fitted. */
  only?: 'hot' | 'new-part'
}
export interface MechanicalPatient {
  readonly hidden: readonly string[]
  /** What strikes whoever stands there, up to three things. */
  symptoms: () => string[]
  look: (check: string) => string
  /** @returns whether what was done for this cause has mended something */
  cure: (cause: string) => boolean
  readonly well: boolean
  /** The station whose new part brought it. */
  readonly newPart: string | undefined
  readonly intermittent: boolean
}
export const FAULT_NAMES: readonly string[] = Object.keys(FAULTS)
export const LOOK_NAMES: readonly string[] = Object.keys(LOOKS)

function dice(seed: number): () => number {
  let s = (seed ^ 0x9e3779b9) >>> 0
  return () => {
    s = (s + 0x6d2b79f5) >>> 0
    let t = Math.imul(s ^ (s >>> 15), 1 | s)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}
/** A name gives the same number each time: what cannot be looked at stays so. */
const numberOf = (text: string): number => [...text].reduce((n, c) => (n * 31 + c.charCodeAt(0)) % 9973, 7)

/** A patient by mechanics; `undefined` where nothing can be wrong with such a line. */
export function mechanicalPatient(
  line: Line,
  seed: number,
  options: MechanicalOptions = {},
): MechanicalPatient | undefined {
  const random = dice(seed)
  const able = Object.entries(FAULTS).filter(
    ([name, f]) =>
      !f.not?.(line) &&
      (f.threading === undefined || line.threading) &&
      (!line.threading || f.threading || feeds(name, line)) &&
      !options.without?.(name) &&
      (options.only !== 'hot' || f.hot) &&
      (options.only !== 'new-part' || f.newPart !== undefined),
  )
  if (able.length < 2) return undefined
  const draw = (not: readonly string[]): string => {
    const left = able.filter(([name]) => !not.includes(name))
    let at = random() * left.reduce((sum, [, f]) => sum + f.often, 0)
    return (left.find(([, f]) => (at -= f.often) < 0) ?? left.at(-1)!)[0]
  }
  const bad = new Map<string, number>()
  let shown: string[] = []
  for (let tries = 0; shown.length === 0 && tries < 60; tries++) {
    bad.clear()
    bad.set(draw([]), random())
    if (options.two) bad.set(draw([...bad.keys()]), random())
    shown = struck()
  }
  const hidden = [...bad.keys()]
  const can = (check: string) =>
    options.canPercent === undefined || numberOf(`${check}${seed}`) % 100 < options.canPercent
  function now(): { s: State; a: After } {
    const s = healthy(line)
    for (const [name, how] of bad) FAULTS[name]!.does(s, how, line)
    return { s, a: follows(s, line) }
  }
  function struck(): string[] {
    const { s, a } = now()
    const all = Object.entries(SEEN).flatMap(([name, is]) =>
      burns(name, line, a) && random() < is(s, a) ? [name] : [],
    )
    const most = 1 + Math.floor(random() * 3)
    while (all.length > most) all.splice(Math.floor(random() * all.length), 1)
    return all
  }
  const MISS = 0.05
  const SEES_WHAT_IS_NOT = 0.02
  const wrong = (options.wrongPercent ?? 0) / 100
  return {
    hidden,
    newPart: FAULTS[hidden[0]!]!.newPart,
    intermittent: options.intermittent === true,
    symptoms() {
      if (bad.size === 0) return []
      // What is left after a cure is looked at anew.
      return bad.size === hidden.length ? shown : struck().length ? struck() : shown
    },
    look(check) {
      if (!can(check)) return 'cannot'
      const { s, a } = now()
      const truly = LOOKS[check]?.(s, a, (fault) => bad.has(fault))
      const cold = [...bad.keys()].every((name) => FAULTS[name]!.hot)
      const misses = options.intermittent ? 0.5 : cold && options.only === 'hot' ? 0.35 : MISS
      if (random() < wrong) return truly ? 'not-here' : 'here'
      if (!truly) return random() < SEES_WHAT_IS_NOT ? 'here' : 'not-here'
      return random() < misses ? 'not-here' : truly
    },
    cure(cause) {
      const by = FAULTS[cause]?.mendedBy
      let mended = false
      for (const name of [...bad.keys()])
        if (name === cause || (by !== undefined && FAULTS[name]!.mendedBy === by)) {
          bad.delete(name)
          mended = true
        }
      return mended
    },
    get well() {
      return bad.size === 0
    },
  }
}
/** Seen at the arc or in the bead: not while threading, and of a wire that stands only that it burns back. */
const AT_THE_ARC = new Set(
  [
    'stubbing burnback burnback-at-start erratic-arc spits-in-tip weak-arc never-settles cuts-out clamp-hot tip-hot',
    'arc-blow spatter ropey no-wetting lack-of-fusion porosity porosity-at-start worm-tracks burn-through soot',
    'undercut uneven-width crater crack slag-in-weld tip-life-short breaker-trips',
  ].flatMap((names) => names.split(' ')),
)
const burns = (name: string, line: Line, { stands }: After): boolean =>
  !AT_THE_ARC.has(name) || (!line.threading && (!stands || name === 'burnback'))
/** While threading nothing burns: only what holds the wire back can be noticed. */
function feeds(name: string, line: Line): boolean {
  const s = healthy(line)
  FAULTS[name]!.does(s, 0.8, line)
  const a = follows(s, line)
  return a.stands || a.slips || a.folds || s.runsOn || s.bend > 0.4 || s.crush > 0.4
}
