/** A word of the trade that is not everybody's: what it means here, and other words for it. common practice, no source, unless a standard is named */
export interface GlossaryEntry {
  id: string
  term: string
  says: string
  /** Other words by which it is found. */
  also: readonly string[]
}

export const GLOSSARY: readonly GlossaryEntry[] = [
  {
    id: 'spool-types',
    term: 'S100, S200, S300',
    says: 'Plastic spools of 100, 200 and 300 mm outside diameter, by ISO 544. They go on the hub as they are, or with an adapter where the bore differs.',
    also: ['spool', 'spool size', '5 kg', '15 kg'],
  },
  {
    id: 'basket',
    term: 'B300, BS300',
    says: 'Wire baskets of 300 mm, by ISO 544. B300 needs a basket adapter on the hub; BS300 has a bore of its own and goes on like a plastic spool.',
    also: ['basket', 'wire basket', 'k300'],
  },
  {
    id: 'hub-locator',
    term: 'Hub locator',
    says: 'What makes the spool turn with the hub: a pin or a tab that stands in a hole of the flange. Some small machines have none.',
    also: ['pin', 'tab', 'drive pin'],
  },
  {
    id: 'hub-brake',
    term: 'Hub brake',
    says: 'The friction at the hub, set by a nut or screw, that stops the spool when the wire stops.',
    also: ['spool brake', 'brake', 'spool tension', 'hub tension'],
  },
  {
    id: 'retainer',
    term: 'Retainer',
    says: 'The nut, ring or cap that keeps a spool on its hub, or a roll on its shaft. Some are reverse-threaded.',
    also: ['spool nut', 'hub nut', 'locking ring'],
  },
  {
    id: 'station',
    term: 'Station',
    says: 'One place on the wire’s way from spool to arc that has to suit the wire: hub brake, inlet guide, drive rolls, liner, contact tip and so on.',
    also: ['mark', 'wire line'],
  },
  {
    id: 'drive-rolls',
    term: 'Drive rolls',
    says: 'The grooved wheels that push the wire. Smooth V for solid steel, smooth U for soft wire, knurled for cored wire.',
    also: ['rollers', 'feed rolls', 'drive wheels'],
  },
  {
    id: 'groove',
    term: 'Groove',
    says: 'The cut in a roll that carries the wire; its size is stamped on the roll. The one in line with the guides is the one at work.',
    also: ['v groove', 'u groove', 'knurled'],
  },
  {
    id: 'knurled',
    term: 'Knurled',
    says: 'A groove with teeth, for cored wire. On solid or soft wire it shaves off dust.',
    also: ['toothed', 'serrated', 'vk'],
  },
  {
    id: 'pressure-arm',
    term: 'Pressure arm',
    says: 'The arm that presses the upper roll on the wire. Its number is the roll pressure mark; it is worth something on that machine only.',
    also: ['tension arm', 'roll pressure', 'mark'],
  },
  {
    id: 'curl-test',
    term: 'Curl test',
    says: 'The wire is fed against dry wood: pressed enough, it curls into a loop; pressed too little, the rolls slip.',
    also: ['pressure test', 'wood block'],
  },
  {
    id: 'inlet-guide',
    term: 'Inlet guide, outlet guide',
    says: 'The short tubes before and after the drive rolls. Soft wire folds in any gap between roll and guide.',
    also: ['guide tube', 'capillary tube', 'inlet spring'],
  },
  {
    id: 'liner',
    term: 'Liner',
    says: 'The tube in the gun’s lead in which the wire runs: a steel coil for hard wire, polymer for soft.',
    also: ['conduit', 'spiral', 'ptfe'],
  },
  {
    id: 'collet',
    term: 'Collet',
    says: 'The small clamp that holds the end of a polymer liner at the connector; it is made for one outside size.',
    also: ['ferrule', 'sleeve', 'insert'],
  },
  {
    id: 'diffuser',
    term: 'Diffuser',
    says: 'The piece between neck and tip whose holes let the gas out. Closed by spatter, gas comes out unevenly.',
    also: ['gas diffuser', 'tip holder', 'adapter'],
  },
  {
    id: 'contact-tip',
    term: 'Contact tip',
    says: 'The copper piece with the bore that gives the wire its current. Its stamp is the wire size; soft wire wants a wider bore.',
    also: ['tip', 'contact tube'],
  },
  {
    id: 'stickout',
    term: 'Tip to work',
    says: 'The distance from the contact tip to the metal. Longer means less current and more heat in the wire.',
    also: ['stick-out', 'ctwd', 'extension', 'wire stick out'],
  },
  {
    id: 'push-pull',
    term: 'Push-pull gun',
    says: 'A gun with a motor and rolls of its own: it pulls while the feeder pushes. For soft wire and long leads.',
    also: ['push pull'],
  },
  {
    id: 'spool-gun',
    term: 'Spool gun',
    says: 'A gun that carries a small spool itself, so that the wire is pushed a hand’s length only.',
    also: [],
  },
  {
    id: 'polarity',
    term: 'Polarity, DCEP, DCEN',
    says: 'Which pole the gun hangs on. DCEP: gun on plus, for nearly all wire with gas. DCEN: gun on minus, for most self-shielded wire. The box says which.',
    also: [
      'gun on plus',
      'gun on minus',
      'reverse polarity',
      'straight polarity',
      'electrode positive',
      'electrode negative',
    ],
  },
  {
    id: 'studs',
    term: 'Studs',
    says: 'The terminals inside some machines on which gun and work cables are bolted; swapped to change the polarity, with the mains plug out.',
    also: ['terminals', 'lugs'],
  },
  {
    id: 'work-clamp',
    term: 'Work clamp',
    says: 'The clamp that brings the current back from the metal. On paint or rust the arc wanders.',
    also: ['earth clamp', 'ground clamp', 'earth', 'ground'],
  },
  {
    id: 'gas-groups',
    term: 'M12, M20, M21, C1, I1',
    says: 'Groups of shielding gas by ISO 14175: I1 is argon; M12 to M21 is argon with a little to a quarter of CO2; C1 is CO2.',
    also: ['gas', 'mixture', 'argon', 'co2', '80/20', '75/25'],
  },
  {
    id: 'flow',
    term: 'Gas flow',
    says: 'How much gas runs at the nozzle, in litres a minute or cubic feet an hour. Too much whirls and draws air in.',
    also: ['l/min', 'cfh', 'flowmeter', 'flow meter'],
  },
  {
    id: 'draught',
    term: 'Draught',
    says: 'Moving air at the weld, from wind, a fan or an open door. It blows gas away; self-shielded wire stands more of it.',
    also: ['wind', 'breeze', 'draft', 'fan'],
  },
  {
    id: 'purge',
    term: 'Purge',
    says: 'Letting the new gas run until it has pushed out the old gas or air in hose and gun.',
    also: [],
  },
  {
    id: 'self-shielded',
    term: 'Self-shielded',
    says: 'Cored wire that makes its own shield: no gas, usually gun on minus.',
    also: ['gasless', 'fcaw-s', 'no gas'],
  },
  {
    id: 'gas-shielded-cored',
    term: 'Gas-shielded flux-cored',
    says: 'Cored wire that runs under gas as well, so that flux and gas shield together.',
    also: ['fcaw-g', 'two shields'],
  },
  {
    id: 'metal-cored',
    term: 'Metal-cored',
    says: 'A tube filled with metal powder: runs like solid wire with gas, nearly without slag.',
    also: ['mcaw'],
  },
  {
    id: 'classification',
    term: 'Classification',
    says: 'The wire’s name by its standard, such as ER70S-6 or E71T-11. It says kind, strength, gas and polarity better than any brand does.',
    also: ['label', 'box', 'aws', 'iso'],
  },
  {
    id: 'short-arc',
    term: 'Short arc, spray',
    says: 'Two ways the metal goes over: in quick touches at low volts, or as a fine stream at high volts and argon-rich gas.',
    also: ['transfer', 'short circuit', 'dip transfer', 'globular'],
  },
  {
    id: 'birdnest',
    term: 'Birdnest',
    says: 'A knot of wire at the rolls: the wire could not go on and the rolls pushed all the same.',
    also: ['birdnesting', 'bird nest', 'tangle', 'knot'],
  },
  {
    id: 'burnback',
    term: 'Burnback',
    says: 'The arc climbs up and melts the wire to the contact tip: too little wire, too many volts, or a feed that stops.',
    also: ['burn back', 'stuck tip'],
  },
  {
    id: 'stubbing',
    term: 'Stubbing',
    says: 'The wire hits the metal before it melts and pushes the gun back: too much wire or too few volts.',
    also: ['stub', 'machine-gun'],
  },
  {
    id: 'porosity',
    term: 'Porosity',
    says: 'Holes in the bead from gas or air, dirt or damp.',
    also: ['pinholes', 'holes', 'worm tracks'],
  },
  {
    id: 'duty-cycle',
    term: 'Duty cycle',
    says: 'How many minutes of ten a machine may weld at a current before it must cool.',
    also: ['duty', 'overheating'],
  },
  {
    id: 'hold-point',
    term: 'Hold point',
    says: 'A step of the run sheet that must be pressed and held: nothing goes on by a slip of the glove.',
    also: ['press and hold'],
  },
  {
    id: 'hands-free',
    term: 'Hands-free chain',
    says: 'Steps of the run sheet done with one hand on the wire: they go on at a key, a pedal, or a touch anywhere on the lower screen.',
    also: ['captive', 'pedal', 'one hand'],
  },
  {
    id: 'fire-watch',
    term: 'Fire watch',
    says: 'Somebody who stays, or comes back, after hot work to see that nothing glows.',
    also: ['hot work'],
  },
]

/** @throws RangeError for a word that is not in the glossary */
export function wordOf(id: string): GlossaryEntry {
  const entry = GLOSSARY.find((e) => e.id === id)
  if (!entry) throw new RangeError(`no such word: ${id}`)
  return entry
}
