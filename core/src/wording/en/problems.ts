import type { ProblemCode, ProblemFacts } from '../../base/codes.ts'
import type { Problem } from '../../base/problem.ts'

const STRENGTHS = {
  '6-7': '6 and 7 (43 and 49 in metric)',
  '6-12': '6 to 12 (43 to 83 in metric)',
  '70-120': '70 to 120 in tens (48 to 83 in metric)',
}
const KINDS: Readonly<Record<string, string>> = {
  string: 'words',
  number: 'a number',
  int: 'a whole number',
  boolean: 'yes or no',
  array: 'a list',
  object: 'named values',
  record: 'named values',
}
const COUNTED: Readonly<Record<string, string>> = { string: ' characters', array: ' entries' }

/** What went wrong with something a person typed or sent, and what to do about it. */
const PROBLEM_WORDS: { [C in ProblemCode]: (...facts: ProblemFacts[C]) => string } = {
  'unit.empty': () => 'Nothing typed yet.',
  'unit.negative': (text: string) => `“${text.trim()}” is negative; a positive number is needed.`,
  'unit.notANumber': (text: string) => `No number could be read in “${text.trim()}”.`,
  'unit.unknownUnit': (unit: string, known: readonly string[]) =>
    `The unit “${unit.trim()}” is not known here. Try ${known.slice(0, 4).join(', ')}.`,
  'unit.mustBePositive': (text: string) => `“${text.trim()}” is not more than zero.`,
  'unit.gaugeNeedsMaterial': () =>
    'A gauge number needs the metal first: steel, galvanised, stainless and aluminium gauges differ.',
  'unit.noGauge': (gauge, scale, from, to) =>
    `The ${scale} scale has no gauge ${gauge} here; it runs from ${from} to ${to}.`,
  'unit.outOfRange': (low: string, high: string) => `Must be between ${low} and ${high}.`,

  'diameter.notRead': (text: string) => `No wire size could be read in “${text.trim()}”.`,
  'diameter.noSuchWire': (text: string, near: string) =>
    `No welding wire is made in ${text.trim()}; the nearest is ${near}.`,

  'label.empty': () => 'Nothing typed yet. Type what the box says, for example E71T-11 .030 10 lb.',
  'label.onlySize': (size: string) =>
    `${size} is a size. Which wire is it? Look for letters and figures such as ER70S-6, E71T-11 or ER5356.`,
  'label.noClassification': (text: string) =>
    `No wire classification could be read in “${text.length > 60 ? `${text.slice(0, 60)}…` : text}”. Look for letters and figures such as ER70S-6, E71T-11 or ER5356.`,
  'label.tooLong': (length: number) =>
    `${length} characters are more than a box of wire says. Keep the lines with classification, size and mass.`,
  'label.twoClassifications': (a: string, b: string) =>
    `Two different wires are named: ${a} and ${b}. Keep the one on this box.`,
  'label.twoDiameters': (a: string, b: string) =>
    `Two sizes are given, ${a} and ${b}. Keep the one on this box.`,
  'label.rodIsNotTubular': (text: string) =>
    `${text} mixes two forms: R means a rod or solid wire, but a cored wire is not a rod.`,
  'label.gasLetterOnSelfShielded': (text: string, designator: string) =>
    `${text}: a T-${designator} wire shields itself, so it carries no gas letter C or M.`,
  'label.gasLetterMissing': (text: string) =>
    `${text} needs its gas letter: C for CO2, M for an argon mixture. Look at the box.`,
  'label.unknownUsability': (text: string, designator: string, standard = 'AWS A5.20') =>
    `${text}: there is no usability designator T-${designator} in ${standard}.`,
  'label.leftOpen': (text: string) =>
    `${text}: this class leaves polarity, gas and use to the maker, so nothing can be worked out from it. Enter the wire by hand, with what the box says.`,
  'label.heatTreatmentMissing': (text: string) =>
    `${text} lacks A (as welded) or P (after heat treatment) with its impact figure behind the gas.`,
  'label.tigRod': (text: string) => `${text} is a cut rod for TIG welding; it does not come on a spool.`,
  'label.notWeldable': (text: string) =>
    `${text} is a parent metal that cracks when it is fusion welded; no filler is offered.`,
  'label.compositionOnly': (text: string) =>
    `${text} tells the composition, not the wire: more than one is sold by it. Look for the number on the box.`,
  'label.wrongOrder': (text: string) =>
    `${text}: the parts stand in the wrong order; strength comes first, then impact, gas and wire.`,
  'label.coreNeedsGas': (text: string, core: string) =>
    `${text}: a core of type ${core} needs shielding gas, so it cannot carry N or NO.`,
  'label.coreShieldsItself': (text: string, core: string) =>
    `${text}: a core of type ${core} shields itself, so it carries NO and not a gas.`,
  'label.isoPosition': (text: string) => `${text}: the position figure of system A runs from 1 to 5.`,
  'label.otherProcess': (text: string, letter: string) =>
    `${text}: ${letter} is for another process (${({ W: 'TIG', P: 'plasma', S: 'submerged arc', L: 'laser' } as Record<string, string>)[letter] ?? 'not MIG'}); a MIG wire carries G.`,
  'label.systemsMixed': (text: string) =>
    `${text} mixes two systems: G and T go with chromium and nickel figures, SS and TS with an alloy number.`,
  'label.gasByFigure': (text: string) =>
    `${text}: stainless cored wire names its gas by a figure: 1 is CO2, 3 none, 4 a mixture with 75-80 % argon.`,
  'label.unknownPosition': (text: string) =>
    `${text}: the second figure tells the position and can only be 0 (flat and horizontal) or 1 (all positions).`,
  'label.unknownStrength': (text, known) =>
    `${text}: this strength is not in the standard; it has ${STRENGTHS[known]}.`,
  'label.hyphenMisplaced': (text: string) => `${text}: the hyphen stands in the wrong place.`,
  'label.unknownChemistry': (text: string, standard: string) => `${text}: this type is not in ${standard}.`,
  'label.suffixMissing': (text: string) => `${text} lacks its last part, which tells the type.`,
  'label.solidCalledTubular': (text: string) =>
    `${text} mixes two forms: ER is a solid wire, T is a cored one.`,
  'label.parentMetal': (text: string) => `${text} is a parent metal, not a filler wire.`,
  'label.notInAluminiumList': (text: string) => `${text} is not a listed aluminium filler.`,
  'label.stickElectrode': (text: string) =>
    `${text} is a covered (stick) electrode; it does not run in a wire welder.`,
  'label.rodForTig': (text: string) =>
    `“${text}” names a rod for TIG welding, which does not run in a wire welder. The same alloy is sold as wire on a spool.`,
  'label.subArc': (text: string) =>
    `${text} is wire for submerged arc under flux, which is not covered here.`,
  'label.titanium': (text: string) =>
    `${text} is titanium, which is welded in a chamber or behind trailing shields; it is not covered here.`,
  'label.hardfacing': (text: string) =>
    `“${text}” names hardfacing wire, which is not covered here: its maker’s sheet decides.`,
  'label.otherStandard': (text: string, standard: string) =>
    `${text} is a nickel-base wire (${standard}), which is not covered here. Follow its maker’s sheet.`,
  'label.kindNeeded': () =>
    'Which metal is this wire: steel, stainless, aluminium or bronze? Add it, or what the box says.',
  'label.rodMissingR': (text: string) =>
    `${text}: a covered electrode by this name exists. A wire of this alloy carries ER.`,

  'request.notJson': () => 'The request body is not valid JSON.',
  'request.notASize': () => 'Not a wire size in millimetres.',
  'request.tooLarge': () => 'The request is larger than 1 MB.',
  'request.notFound': (path: string) => `There is nothing at ${path}.`,
  'request.onlyPost': () => 'Send this with POST.',
  'job.nothingToDo': () => 'There is nothing to do here, or it cannot be done: plan it to see why.',
  'job.notUnderWay': () => 'This job has not begun, or is over.',
  'job.notNext': (next) => (next ? `The next step is ${next}.` : 'All steps are done.'),
  'job.notDone': () => 'That step is not done.',
  'request.notProved': () =>
    'No order could be proved safe for this change, so none is shown. Please report the request.',
  'request.ourFault': () => 'Something went wrong here, not in your request.',
  'request.unreadable': () => 'The request could not be read.',
  'request.grooveNotListed': (active: string) =>
    `The active groove ${active} is not one of the roll's grooves.`,
  'request.rangeReversed': () => 'The smallest size is larger than the largest.',
  'request.mixtureSum': (sum: number) => `The mixture adds up to ${sum} %, not 100 %.`,
  'request.gasGroup': () =>
    'This is no gas group of ISO 14175 that a wire asks for. They are written M21, M12, C1 or I1; the box gives it.',
  'request.labelOrByHand': () => 'Give the label, or the family and the diameter by hand.',
  'request.diameterNeeded': () => 'The label carries no wire size. Add it, for example .035 or 0.9 mm.',
  'request.tooManyTasks': () => 'More tasks are timed than there are.',
  'request.onlyHere': () =>
    'This server answers only to the names and addresses of the computer it runs on. ALLOWED_HOSTS adds others.',
  'request.onlyMethods': (methods: string) => `Only ${methods} can be used here.`,
  'request.tooManyOpen': () =>
    'Too many requests are open from your address. Finish or close some, and try again in a moment.',
  'request.busy': () => 'Too many plans are being worked out. Try again in a moment.',
  'request.tooMuch': () => 'The request holds more values than any shop has.',
  'request.moreProblems': (n: number) => `${n} more problems of this kind are not listed.`,
  'request.timedOut': () => 'The request took too long to arrive.',
  'request.chartWire': () => 'Name the wire of this row: its classification or its family.',
  'request.chartFigures': () =>
    'A row needs at least one figure or mark: volts, tap, knob, wire speed or dial.',
  'request.unknownMaterial': () => 'This metal is not known.',
  'request.jobNeeded': () => 'Say what is to be welded: metal and thickness.',
  'request.wireToPutRight': () =>
    'Which wire is on the machine was not read: without it nothing can be put right. Name the wire, or read it first.',
  'request.cannotKeep': (reason: string) =>
    reason === 'unread'
      ? 'This was not read, and it could hurt or not work: read it before it is left as it is.'
      : 'This cannot be left as it is: it would hurt somebody, or not work at all.',
  'handover.noCode': () =>
    'No bundle has this code. Codes are good for ten minutes, or until the bundle was taken.',
  'handover.tooMany': () => 'Too many wrong codes from your address. Try again in a minute.',
  'handover.notJson': () => 'A bundle is a file of a shop.',
  'handover.full': () => 'The server holds as many bundles as it can. Try again in a few minutes.',
  'request.useNoPart': () => 'There is no such part in the store, or none is left of it.',
  'request.useOtherPart': () => 'This part of the store does not go on here.',
  'trouble.outcome': (outcome: string, may: readonly string[]) =>
    `“${outcome}” is no answer to this look: ${may.join(', ')}.`,
  'trouble.wireNeeded': () => 'Say which wire is on, with its size: what can be at fault depends on it.',

  'schema.missing': () => 'This is missing.',
  'schema.type': (expected) => `Needed here: ${KINDS[expected] ?? 'something else'}.`,
  'schema.unknownWord': (text, near) => `“${text}” is not known here; the nearest is ${near}.`,
  'schema.oneOf': (values) => `Needed here is one of: ${values.slice(0, 24).join(', ')}.`,
  'schema.atMost': (of, most, inclusive) =>
    COUNTED[of] === undefined
      ? `The figure is too large: ${inclusive ? 'at most' : 'less than'} ${most}.`
      : `This is too long: at most ${most}${COUNTED[of]}.`,
  'schema.atLeast': (of, least, inclusive) =>
    COUNTED[of] === undefined
      ? `The figure is too small: ${inclusive ? 'at least' : 'more than'} ${least}.`
      : `This is too short: at least ${least}${COUNTED[of]}.`,
  'schema.format': (format) =>
    format === 'datetime' ? 'Needed here: a date with its time.' : 'This is not written as it must be.',
  'schema.unread': () => 'This could not be read.',

  'file.notJson': () => 'This file is not a shop file: it cannot be read as JSON.',
  'file.notOurs': () => 'This file was not written by Pepper Knot.',
  'file.newer': (version: number, mine: number) =>
    `This file is version ${version}; this program reads up to version ${mine}. Update the program first.`,
  'file.notAList': () => 'This is not a list.',
  'file.noName': () => 'The shop has no name.',
  'file.unknownEntry': () => 'This is no entry that this program knows.',
  'file.sameId': (id: string) => `Two entries carry the same id, ${id}.`,
  'file.otherId': (id: string, other: string) => `The record ${id} says that it is ${other}.`,

  'storage.unreadable': () => 'The browser could not read what it keeps for this page.',
  'storage.asideFailed': () =>
    'What is there could not be laid aside, so nothing new was begun over it. Free some space and try again.',

  'gas.group': (group: string, usual: readonly string[]) =>
    `${group} is a range of mixtures: say which${usual.length ? `, such as ${usual.join(' or ')}` : ''}.`,
  'gas.eitherPart': (text: string) =>
    `${text} is sold with CO2 and with oxygen: write ${text} CO2 or ${text} O2.`,
  'gas.notRead': (text: string) =>
    `No gas could be read in “${text.trim()}”. Write it as argon, CO2, 80/20 or 98/2 O2.`,

  'partLine.empty': () =>
    'Nothing typed yet. Type what is stamped and what it is, for example 1.0/1.2 U or .035 tip x5.',
  'partLine.tooLong': () =>
    'This line is longer than what is stamped on a part. Put each part on a line of its own.',
  'partLine.tooManyLines': (most: number) =>
    `Only ${most} lines are read at once. Add these first, then the rest.`,
  'partLine.whichPart': (text: string) =>
    `Which part is “${text.trim().slice(0, 60)}”? Add what it is: tip, roll (U, V or knurled), liner, nozzle, guide, gun, cylinder.`,
  'partLine.sizeMissing': (what) =>
    `The ${what} has no size that wire is made in. Add what is stamped, for example 0.9 or .035.`,
  'partLine.oneSize': (what) => `A ${what} has one size. Put each on a line of its own.`,
  'partLine.profileMissing': () => 'Say how the roll is grooved: U, V or knurled.',
  'partLine.linerMaterialMissing': () => 'Say what the liner is made of: steel, PTFE, nylon or graphite.',
  'partLine.tooManyGrooves': () => 'A roll has four grooves at most.',

  'chart.wire': () => 'Which wire is this row for? Begin with what its box says, for example ER70S-6 0.9.',
  'chart.size': () => 'The wire has no size. Add it, for example .035 or 0.9.',
  'chart.thickness': () => 'Say the thickness of the metal behind “on”: on 2 mm, on 1/8, on 16 ga.',
  'chart.tooLong': () => 'This row is longer than a row of a chart. Put each on a line of its own.',
  'chart.tooMany': (most: number) => `Only ${most} rows are read at once. Keep these first, then the rest.`,
}

/** Characters of one problem's message, of which a part is what was typed. */
const LONGEST_MESSAGE = 400

/** Problems in the words of an answer: where, what, and the likely meaning. */
export const problemsAnswer = (problems: readonly Problem[]) =>
  problems.map(({ path, code, facts, ...rest }) => ({ path, message: problemText({ code, facts }), ...rest }))

/** A problem in a sentence. */
export function problemText({ code, facts }: Pick<Problem, 'code' | 'facts'>): string {
  const words = PROBLEM_WORDS[code] as (...facts: readonly unknown[]) => string
  return words(...facts).slice(0, LONGEST_MESSAGE)
}
