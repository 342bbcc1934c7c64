/**
 * Everything that can be wrong with what a person typed, sent or opened: a code and its facts, in the order in which
 * `wording` says them. Texts among the facts are what was typed, names of standards, and forms on a box.
 */
export interface ProblemFacts {
  'unit.empty': []
  'unit.negative': [text: string]
  'unit.notANumber': [text: string]
  'unit.unknownUnit': [unit: string, known: readonly string[]]
  'unit.mustBePositive': [text: string]
  'unit.gaugeNeedsMaterial': []
  'unit.noGauge': [
    gauge: number,
    scale: 'steel' | 'aluminium' | 'galvanised' | 'stainless',
    from: number,
    to: number,
  ]
  'unit.outOfRange': [low: string, high: string]

  'diameter.notRead': [text: string]
  'diameter.noSuchWire': [text: string, near: string]

  'label.empty': []
  'label.noClassification': [text: string]
  'label.onlySize': [size: string]
  'label.tooLong': [length: number]
  'label.twoClassifications': [a: string, b: string]
  'label.twoDiameters': [a: string, b: string]
  'label.rodIsNotTubular': [text: string]
  'label.gasLetterOnSelfShielded': [text: string, designator: string]
  'label.gasLetterMissing': [text: string]
  'label.unknownUsability': [text: string, designator: string, standard?: string]
  'label.leftOpen': [text: string]
  'label.heatTreatmentMissing': [text: string]
  'label.tigRod': [text: string]
  'label.notWeldable': [text: string]
  'label.compositionOnly': [text: string]
  'label.wrongOrder': [text: string]
  'label.coreNeedsGas': [text: string, core: string]
  'label.coreShieldsItself': [text: string, core: string]
  'label.isoPosition': [text: string]
  'label.otherProcess': [text: string, letter: string]
  'label.systemsMixed': [text: string]
  'label.gasByFigure': [text: string]
  'label.unknownPosition': [text: string]
  'label.unknownStrength': [text: string, known: '6-7' | '6-12' | '70-120']
  'label.hyphenMisplaced': [text: string]
  'label.unknownChemistry': [text: string, standard: string]
  'label.suffixMissing': [text: string]
  'label.solidCalledTubular': [text: string]
  'label.parentMetal': [text: string]
  'label.notInAluminiumList': [text: string]
  'label.stickElectrode': [text: string]
  'label.rodForTig': [text: string]
  'label.subArc': [text: string]
  'label.titanium': [text: string]
  'label.hardfacing': [text: string]
  'label.otherStandard': [text: string, standard: string]
  'label.kindNeeded': []
  'label.rodMissingR': [text: string]

  'request.notJson': []
  'request.notASize': []
  'request.tooLarge': []
  'request.notFound': [path: string]
  'request.onlyPost': []
  'request.notProved': []

  'job.nothingToDo': []
  'job.notUnderWay': []
  'job.notNext': [next: string]
  'job.notDone': []
  'request.ourFault': []
  'request.unreadable': []
  'request.grooveNotListed': [active: string]
  'request.rangeReversed': []
  'request.mixtureSum': [sum: number]
  'request.gasGroup': []
  'request.labelOrByHand': []
  'request.diameterNeeded': []
  'request.tooManyTasks': []
  'request.onlyHere': []
  'request.onlyMethods': [methods: string]
  'request.busy': []
  'request.tooManyOpen': []
  'request.tooMuch': []
  'request.moreProblems': [n: number]
  'request.timedOut': []
  'request.chartWire': []
  'request.chartFigures': []
  'request.unknownMaterial': []
  'request.jobNeeded': []
  'request.wireToPutRight': []
  'request.cannotKeep': [reason: 'harms' | 'unread']
  'request.useNoPart': []
  'request.useOtherPart': []
  'trouble.wireNeeded': []
  'trouble.outcome': [outcome: string, may: readonly string[]]

  'handover.noCode': []
  'handover.tooMany': []
  'handover.notJson': []
  'handover.full': []

  'file.notJson': []
  'file.notOurs': []
  'file.newer': [version: number, mine: number]
  'file.notAList': []
  'file.noName': []
  'file.unknownEntry': []
  'file.sameId': [id: string]
  'file.otherId': [id: string, other: string]

  'storage.unreadable': []
  'storage.asideFailed': []

  'gas.group': [group: string, usual: readonly string[]]
  'gas.notRead': [text: string]
  'gas.eitherPart': [text: string]

  'partLine.empty': []
  'partLine.tooLong': []
  'partLine.tooManyLines': [most: number]
  'partLine.whichPart': [text: string]
  'partLine.sizeMissing': [what: 'tip' | 'roll' | 'liner']
  'partLine.oneSize': [what: 'tip']
  'partLine.profileMissing': []
  'partLine.linerMaterialMissing': []
  'partLine.tooManyGrooves': []

  'chart.wire': []
  'chart.size': []
  'chart.thickness': []
  'chart.tooLong': []
  'chart.tooMany': [most: number]

  'schema.missing': []
  'schema.type': [expected: string]
  'schema.oneOf': [values: readonly string[]]
  'schema.unknownWord': [text: string, near: string]
  'schema.atMost': [of: string, most: number, inclusive: boolean]
  'schema.atLeast': [of: string, least: number, inclusive: boolean]
  'schema.format': [format: string]
  'schema.unread': []
}
export type ProblemCode = keyof ProblemFacts

/** What is wrong, without words. */
export interface Said<C extends ProblemCode = ProblemCode> {
  code: C
  facts: ProblemFacts[C]
}
/** @example refuse('wire.label', say('request.diameterNeeded')) */
export const say = <C extends ProblemCode>(code: C, ...facts: ProblemFacts[C]): Said<C> => ({ code, facts })
