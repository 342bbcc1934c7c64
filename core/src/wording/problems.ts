/** What went wrong with something a person typed or sent, and what to do about it. */
export const unitText = {
  empty: () => 'Nothing typed yet.',
  negative: (text: string) => `“${text.trim()}” is negative; a positive number is needed.`,
  notANumber: (text: string) => `No number could be read in “${text.trim()}”.`,
  unknownUnit: (unit: string, known: string[]) =>
    `The unit “${unit.trim()}” is not known here. Try ${known.slice(0, 4).join(', ')}.`,
  mustBePositive: (text: string) => `“${text.trim()}” is not more than zero.`,
  gaugeNeedsMaterial: () =>
    'A gauge number needs the metal first: steel, galvanised, stainless and aluminium gauges differ.',
  noGauge: (gauge: number, scale: string, from: number, to: number) =>
    `The ${scale} scale has no gauge ${gauge} here; it runs from ${from} to ${to}.`,
  outOfRange: (low: string, high: string) => `Must be between ${low} and ${high}.`,
}

export const diameterText = {
  notRead: (text: string) => `No wire size could be read in “${text.trim()}”.`,
  noSuchWire: (text: string, near: string) =>
    `No welding wire is made in ${text.trim()}; the nearest is ${near}.`,
}

export const labelText = {
  empty: () => 'Nothing typed yet. Type what the box says, for example E71T-11 .030 10 lb.',
  noClassification: (text: string) =>
    `No wire classification could be read in “${text.length > 60 ? `${text.slice(0, 60)}…` : text}”. Look for letters and figures such as ER70S-6, E71T-11 or ER5356.`,
  tooLong: (length: number) =>
    `${length} characters are more than a box of wire says. Keep the lines with classification, size and mass.`,
  twoClassifications: (a: string, b: string) =>
    `Two different wires are named: ${a} and ${b}. Keep the one on this box.`,
  twoDiameters: (a: string, b: string) => `Two sizes are given, ${a} and ${b}. Keep the one on this box.`,
  rodIsNotTubular: (text: string) =>
    `${text} mixes two forms: R means a rod or solid wire, but a cored wire is not a rod.`,
  gasLetterOnSelfShielded: (text: string, designator: string) =>
    `${text}: a T-${designator} wire shields itself, so it carries no gas letter C or M.`,
  gasLetterMissing: (text: string) =>
    `${text} needs its gas letter: C for CO2, M for an argon mixture. Look at the box.`,
  unknownUsability: (text: string, designator: string, standard = 'AWS A5.20') =>
    `${text}: there is no usability designator T-${designator} in ${standard}.`,
  leftOpen: (text: string) =>
    `${text}: this class leaves polarity, gas and use to the maker, so nothing can be worked out from it. Enter the wire by hand, with what the box says.`,
  heatTreatmentMissing: (text: string) =>
    `${text} lacks A (as welded) or P (after heat treatment) with its impact figure behind the gas.`,
  tigRod: (text: string) => `${text} is a cut rod for TIG welding; it does not come on a spool.`,
  notWeldable: (text: string) =>
    `${text.replace(/^E?R?-?/, '')} is a parent metal that cracks when it is fusion welded; no filler is offered.`,
  compositionOnly: (text: string) =>
    `${text} tells the composition, not the wire: more than one is sold by it. Look for the number on the box.`,
  wrongOrder: (text: string) =>
    `${text}: the parts stand in the wrong order; strength comes first, then impact, gas and wire.`,
  coreNeedsGas: (text: string, core: string) =>
    `${text}: a core of type ${core} needs shielding gas, so it cannot carry N or NO.`,
  coreShieldsItself: (text: string, core: string) =>
    `${text}: a core of type ${core} shields itself, so it carries NO and not a gas.`,
  isoPosition: (text: string) => `${text}: the position figure of system A runs from 1 to 5.`,
  otherProcess: (text: string, letter: string) =>
    `${text}: ${letter} is for another process (${({ W: 'TIG', P: 'plasma', S: 'submerged arc', L: 'laser' } as Record<string, string>)[letter] ?? 'not MIG'}); a MIG wire carries G.`,
  systemsMixed: (text: string) =>
    `${text} mixes two systems: G and T go with chromium and nickel figures, SS and TS with an alloy number.`,
  gasByFigure: (text: string) =>
    `${text}: stainless cored wire names its gas by a figure: 1 is CO2, 3 none, 4 a mixture with 75-80 % argon.`,
  unknownPosition: (text: string) =>
    `${text}: the second figure tells the position and can only be 0 (flat and horizontal) or 1 (all positions).`,
  unknownStrength: (text: string, known: string) =>
    `${text}: this strength is not in the standard; it has ${known}.`,
  hyphenMisplaced: (text: string) => `${text}: the hyphen stands in the wrong place.`,
  unknownChemistry: (text: string, standard: string) => `${text}: this type is not in ${standard}.`,
  suffixMissing: (text: string) => `${text} lacks its last part, which tells the type.`,
  solidCalledTubular: (text: string) => `${text} mixes two forms: ER is a solid wire, T is a cored one.`,
  parentMetal: (text: string) => `${text.replace(/^E?R?-?/, '')} is a parent metal, not a filler wire.`,
  notInAluminiumList: (text: string) => `${text} is not a listed aluminium filler.`,
  stickElectrode: (text: string) =>
    `${text} is a covered (stick) electrode; it does not run in a wire welder.`,
  bareAlloy: (text: string) =>
    `${text} alone could be a plate or a wire. A welding wire of this alloy carries ER.`,
  rodMissingR: (text: string) =>
    `${text}: a covered electrode by this name exists. A wire of this alloy carries ER.`,
}

export const requestText = {
  notJson: () => 'The request body is not valid JSON.',
  tooLarge: () => 'The request is larger than 1 MB.',
  notFound: (path: string) => `There is nothing at ${path}.`,
  onlyPost: () => 'Send this with POST.',
  notProved: () =>
    'No order could be proved safe for this change, so none is shown. Please report the request.',
  ourFault: () => 'Something went wrong here, not in your request.',
  unreadable: () => 'The request could not be read.',
  grooveNotListed: (active: string) => `The active groove ${active} is not one of the roll's grooves.`,
  rangeReversed: () => 'The smallest size is larger than the largest.',
  mixtureSum: (sum: number) => `The mixture adds up to ${sum} %, not 100 %.`,
  gasGroup: () =>
    'This is no gas group of ISO 14175 that a wire asks for. They are written M21, M12, C1 or I1; the box gives it.',
  labelOrByHand: () => 'Give the label, or the family and the diameter by hand.',
  diameterNeeded: () => 'The label carries no wire size. Add it, for example .035 or 0.9 mm.',
  tooManyTasks: () => 'More tasks are timed than there are.',
  onlyHere: () => 'This server answers only to the names of the computer it runs on.',
  onlyMethods: (methods: string) => `Only ${methods} can be used here.`,
  busy: () => 'Too many plans are being worked out. Try again in a moment.',
  tooMuch: () => 'The request holds more values than any shop has.',
  moreProblems: (n: number) => `${n} more problems of this kind are not listed.`,
  timedOut: () => 'The request took too long to arrive.',
  chartWire: () => 'Name the wire of this row: its classification or its family.',
  chartFigures: () => 'A row needs at least one figure or mark: volts, tap, knob, wire speed or dial.',
  unknownMaterial: () => 'This metal is not known.',
}

export const fileText = {
  notJson: () => 'This file is not a shop file: it cannot be read as JSON.',
  notOurs: () => 'This file was not written by Pepper Knot.',
  newer: (version: number, mine: number) =>
    `This file is version ${version}; this program reads up to version ${mine}. Update the program first.`,
  notAList: () => 'This is not a list.',
  noName: () => 'The shop has no name.',
  sameId: (id: string) => `Two entries carry the same id, ${id}.`,
}

export const gasText = {
  group: (group: string, usual: readonly string[]) =>
    `${group} is a range of mixtures: say which${usual.length ? `, such as ${usual.join(' or ')}` : ''}.`,
  notRead: (text: string) =>
    `No gas could be read in “${text.trim()}”. Write it as argon, CO2, 80/20 or 98/2 O2.`,
}

export const partLineText = {
  empty: () =>
    'Nothing typed yet. Type what is stamped and what it is, for example 1.0/1.2 U or .035 tip x5.',
  tooLong: () => 'This line is longer than what is stamped on a part. Put each part on a line of its own.',
  tooManyLines: (most: number) => `Only ${most} lines are read at once. Add these first, then the rest.`,
  whichPart: (text: string) =>
    `Which part is “${text.trim().slice(0, 60)}”? Add what it is: tip, roll (U, V or knurled), liner, nozzle, guide, gun, cylinder.`,
  sizeMissing: (what: string) =>
    `The ${what} has no size that wire is made in. Add what is stamped, for example 0.9 or .035.`,
  oneSize: (what: string) => `A ${what} has one size. Put each on a line of its own.`,
  profileMissing: () => 'Say how the roll is grooved: U, V or knurled.',
  linerMaterialMissing: () => 'Say what the liner is made of: steel, PTFE, nylon or graphite.',
  tooManyGrooves: () => 'A roll has four grooves at most.',
}

export const chartText = {
  wire: () => 'Which wire is this row for? Begin with what its box says, for example ER70S-6 0.9.',
  size: () => 'The wire has no size. Add it, for example .035 or 0.9.',
  thickness: () => 'Say the thickness of the metal behind “on”: on 2 mm, on 1/8, on 16 ga.',
  tooLong: () => 'This row is longer than a row of a chart. Put each on a line of its own.',
  tooMany: (most: number) => `Only ${most} rows are read at once. Keep these first, then the rest.`,
}
