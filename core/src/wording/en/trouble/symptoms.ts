import type { Area, Lead, Phase, Since, Symptom } from '../../../trouble/symptoms.ts'

export const AREA_NAMES: Record<Area, string> = {
  feed: 'The wire and its feed',
  arc: 'The arc',
  bead: 'The bead',
  gas: 'The gas',
}

interface SymptomWords {
  name: string
  /** What it looks, sounds or feels like. */
  says: string
  /** Other words by which it is found. */
  also: readonly string[]
}
/** What is seen, heard and felt, in the words of the trade. common practice, no source */
export const SYMPTOM_WORDS: Record<Symptom, SymptomWords> = {
  birdnest: {
    name: 'Birdnest at the rolls',
    says: 'Wire has folded into a knot between rolls and guide.',
    also: [
      'birds nest',
      'bird nests',
      'nest',
      'whiskers',
      'birdnesting',
      'bird nest',
      'bird’s nest',
      'knot',
      'tangle',
      'jam',
    ],
  },
  'rolls-slip': {
    name: 'Rolls turn, wire does not',
    says: 'The rolls turn under the wire, or the spool stands.',
    also: ['slip', 'slipping', 'no feed', 'spool does not turn', 'wire will not move'],
  },
  'feed-stops': {
    name: 'Feed stops part way',
    says: 'It goes some way and stands, while threading or later.',
    also: ['stuck', 'stops', 'will not come through', 'catches'],
  },
  'feed-jerks': {
    name: 'Feed jerks',
    says: 'It skips or surges; the trigger hand feels it.',
    also: ['stutters', 'surges', 'pulsing', 'skips', 'surging', 'stutter', 'uneven feed', 'jerky'],
  },
  'wire-flattened': {
    name: 'Wire flattened or toothed',
    says: 'Past the rolls it is oval, or bears their teeth.',
    also: ['oval', 'crushed', 'marks on the wire', 'teeth'],
  },
  shavings: {
    name: 'Metal shavings under the rolls',
    says: 'Bright dust or slivers lie in the drive.',
    also: ['dust', 'filings', 'slivers', 'copper flakes'],
  },
  'plastic-shavings': {
    name: 'Plastic shavings',
    says: 'Crumbs of liner or guide come out with the wire.',
    also: ['liner crumbs', 'plastic dust'],
  },
  'spool-runs-on': {
    name: 'Spool runs on',
    says: 'It turns on after the stop, and loops fall off.',
    also: ['overrun', 'loops', 'coasts', 'unwinds'],
  },
  'brake-no-effect': {
    name: 'Brake does nothing',
    says: 'However it is turned, the spool is as free as before.',
    also: ['brake', 'hub'],
  },
  'wire-bends-at-guide': {
    name: 'Wire bends at a guide',
    says: 'It kinks where it enters or leaves the rolls.',
    also: ['kinks', 'buckles', 'bows'],
  },
  'wire-spirals': {
    name: 'Wire leaves in a spiral',
    says: 'It swings as it comes out, and the arc wanders.',
    also: ['corkscrew', 'wanders', 'helix', 'swings'],
  },
  'end-will-not-pass-tip': {
    name: 'End will not pass the tip',
    says: 'It comes as far as the tip, and no further.',
    also: [
      'whisker at the tip',
      'will not go through the tip',
      'will not go through the tip',
      'stops at the tip',
    ],
  },
  'motor-strains': {
    name: 'Motor strains',
    says: 'It hums, slows or gets hot.',
    also: ['motor hot', 'labours', 'hums'],
  },
  'squeal-at-rolls': {
    name: 'Squeal at the rolls',
    says: 'A squeal or chatter while it feeds.',
    also: ['noise', 'chatter', 'squeak'],
  },
  'no-pull-at-gun': {
    name: 'Gun does not pull',
    says: 'The rolls in the gun stand or slip.',
    also: ['push-pull', 'gun motor'],
  },
  stubbing: {
    name: 'Wire stubs',
    says: 'It runs into the plate and kicks the gun.',
    also: [
      'machine-gun',
      'machine gun',
      'pushes the gun back',
      'stubs',
      'bangs',
      'stub',
      'pushes back',
      'machine gun',
      'stubbing',
    ],
  },
  burnback: {
    name: 'Burns back to the tip',
    says: 'The arc climbs up, and the wire is welded to the tip.',
    also: [
      'sticks',
      'wire sticks',
      'fuses to the tip',
      'welded to the tip',
      'burn back',
      'fused to tip',
      'stuck in tip',
    ],
  },
  'burnback-at-start': {
    name: 'Burns back at the start',
    says: 'Only the first moment burns back.',
    also: ['bad start', 'start'],
  },
  'erratic-arc': {
    name: 'Arc unsteady',
    says: 'It comes and goes though nothing is moved.',
    also: [
      'wandering arc',
      'crackle',
      'unsteady',
      'sputters',
      'popping arc',
      'erratic',
      'sputter',
      'sputtering',
      'popping',
      'unstable',
      'crackles',
    ],
  },
  'spits-in-tip': {
    name: 'Sparks inside the tip',
    says: 'It spits and arcs in the bore.',
    also: ['arcing in the tip', 'micro arcing'],
  },
  'weak-arc': {
    name: 'Arc weak',
    says: 'Less heat than the settings should give.',
    also: ['no arc', 'weak', 'will not strike', 'cold arc', 'no power', 'low power'],
  },
  'never-settles': {
    name: 'Never settles',
    says: 'Whatever is turned, it does not come right.',
    also: ['cannot dial in', 'nothing helps'],
  },
  'breaker-trips': {
    name: 'Breaker trips',
    says: 'The circuit goes off under load.',
    also: ['fuse', 'trips', 'goes off'],
  },
  'clamp-hot': {
    name: 'Clamp gets hot',
    says: 'Work clamp or its cable is hot.',
    also: ['ground clamp', 'earth clamp', 'work lead hot'],
  },
  'tip-hot': {
    name: 'Tip glows or is blue',
    says: 'The end of the gun runs too hot.',
    also: ['overheats', 'blue tip'],
  },
  'tip-life-short': {
    name: 'Tips do not last',
    says: 'They are used up in hours instead of days.',
    also: ['tip life', 'eats tips', 'tips worn'],
  },
  'arc-blow': {
    name: 'Arc leans aside',
    says: 'It is blown to one side, most near an end or a corner.',
    also: ['arc blow', 'magnetic', 'blows away', 'pulls to one side', 'arc deflects'],
  },
  'cuts-out': {
    name: 'Cuts out after some minutes',
    says: 'It welds, then it stops by itself and comes back later.',
    also: ['thermal', 'overheats', 'duty', 'shuts down', 'trips out', 'stops after a while', 'lamp comes on'],
  },
  spatter: {
    name: 'Heavy spatter',
    says: 'Large drops all around.',
    also: ['spatters', 'spits', 'splatter', 'bbs', 'sparks everywhere', 'spitting', 'blobs', 'drops'],
  },
  ropey: {
    name: 'Cold, ropey bead',
    says: 'High and narrow, it lies on top.',
    also: ['cold', 'convex', 'rope', 'high'],
  },
  'no-wetting': {
    name: 'Does not wet the edges',
    says: 'The toes do not flow into the plate.',
    also: ['cold lap', 'no fusion', 'lack of fusion', 'overlap'],
  },
  porosity: {
    name: 'Pores',
    says: 'Holes in the bead or in its crown.',
    also: [
      'porous',
      'popping',
      'bubbles',
      'sponge',
      'swiss cheese',
      'porosity',
      'pinholes',
      'holes',
      'gas holes',
    ],
  },
  'porosity-at-start': {
    name: 'Pores at the start only',
    says: 'Sound after the first stretch.',
    also: ['start porosity', 'pinholes at start'],
  },
  'worm-tracks': {
    name: 'Worm tracks',
    says: 'Grooves under the slag.',
    also: ['worm holes in flux core', 'worms', 'gas tracks', 'worm holes', 'wormholes'],
  },
  'burn-through': {
    name: 'Burns through',
    says: 'The sheet falls away.',
    also: ['burn through', 'burns holes', 'blow through', 'holes in sheet', 'melts through'],
  },
  soot: {
    name: 'Black soot',
    says: 'Black smut beside the bead.',
    also: ['black soot', 'sooty', 'smut', 'black', 'dirty bead'],
  },
  undercut: {
    name: 'Undercut',
    says: 'A groove along the toe, not filled.',
    also: ['groove at the edge', 'toe groove', 'notch', 'under cut'],
  },
  crack: {
    name: 'Cracks',
    says: 'A crack in the bead or beside it, at once or later.',
    also: ['cracking', 'cracked', 'splits', 'hot crack', 'cold crack', 'breaks'],
  },
  crater: {
    name: 'Open crater at the end',
    says: 'A hole, a pipe or a star where the bead stops.',
    also: ['crater crack', 'end hole', 'fisheye', 'pipe', 'crater'],
  },
  'slag-in-weld': {
    name: 'Slag in the weld',
    says: 'Slag is caught between passes or along the toes.',
    also: ['slag inclusion', 'wagon tracks', 'trapped slag', 'inclusions'],
  },
  'lack-of-fusion': {
    name: 'Not fused',
    says: 'The bead lies on the metal and breaks off, or the root is open.',
    also: [
      'lack of fusion',
      'cold lap',
      'no penetration',
      'does not stick',
      'sticks on top',
      'incomplete fusion',
    ],
  },
  'uneven-width': {
    name: 'Bead of uneven width',
    says: 'Wide and narrow in turns.',
    also: ['wandering', 'wanders', 'uneven bead', 'wavy', 'crooked bead'],
  },
  'no-hiss': {
    name: 'No gas at the nozzle',
    says: 'Nothing hisses with the trigger pulled.',
    also: ['no gas', 'no flow'],
  },
  'no-click': {
    name: 'No click',
    says: 'The gas valve does not click with the trigger.',
    also: ['solenoid', 'valve', 'trigger dead'],
  },
  'hiss-at-connector': {
    name: 'Hiss where the gun plugs in',
    says: 'Gas gets away before the nozzle.',
    also: ['leak', 'leaking', 'hissing'],
  },
}
export const symptomName = (symptom: Symptom): string => SYMPTOM_WORDS[symptom].name

export const PHASE_NAMES: Record<Phase, string> = {
  threading: 'Threading the wire',
  feeding: 'Feeding, no arc',
  starting: 'Starting the arc',
  welding: 'Welding',
}
export const LEAD_NAMES: Record<Lead, string> = {
  straight: 'Straight',
  looped: 'In one wide loop',
  coiled: 'Coiled',
  twisted: 'Twisted',
}
export const SINCE_NAMES: Record<Since, string> = {
  always: 'It always did',
  'since-change': 'Since the last change',
  suddenly: 'All at once',
  slowly: 'It grew slowly',
}
