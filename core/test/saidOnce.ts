/** Whether a step says each thing once: by sentences, and by what a welder would call one matter. */

/** One matter each; two sentences of a step that speak of it say it twice. common practice, no source */
const MATTERS: Readonly<Record<string, RegExp>> = {
  'clamp off': /clamp (is )?off\b/i,
  'gun where it can hurt nobody': /gun (pointed|in the air|at dry wood)|away from (people|earthed)/i,
  'the trigger makes the wire live': /wire live/i,
  'the plug is out': /unplug|plug (is )?out|pull the mains plug/i,
  'capacitors hold charge': /capacitor|hold charge/i,
  'fingers clear of the rolls': /clear of the rolls|fingers and sleeves/i,
  'machine off': /machine off\b/i,
  'wire ends whip': /\bwhip/i,
  'stand aside': /stand(ing)? aside|in front of the gauges/i,
  chained: /\bchain(ed)?\b/i,
  'open slowly': /open(s|ed)?\b[^.;]*\bslowly/i,
  'no oil': /\bno oil\b/i,
  'gas displaces air': /displace air|ventilate/i,
  'air at low pressure': /low pressure/i,
  'eye protection': /eye protection|\beyes\b/i,
  'never against a hand': /(at|against|towards) a (hand|person)/i,
  'fed wire pierces': /pierce/i,
  'hot tip': /(may|can) be hot|hot metal/i,
  'no chlorine': /chlorine/i,
  zinc: /\bzinc fume/i,
  'ventilation for fume': /ventilation|ventilate/i,
  screens: /\bscreens?\b/i,
  extinguisher: /extinguisher/i,
  'a loose joint heats': /loose[^.]*heats/i,
  'no trigger': /(off|from) the trigger/i,
  'who may wire': /electrician/i,
  'reverse thread': /reverse-threaded/i,
  'the way back': /way back/i,
}
/** What cannot both be done in one step. */
const AGAINST: readonly (readonly [string, RegExp, RegExp])[] = [
  ['slow and fast', /slow(ly)? all the way/i, /full speed|then faster|fast\b/i],
  ['in the air and at the wood', /in the air/i, /at (the )?dry wood|against (the )?wood/i],
  ['shut and open', /^Shut the cylinder/i, /open slowly/i],
  ['off and on', /switch the machine off/i, /switch(es)? it on\b/i],
]

export const sentencesOf = (text: string): string[] =>
  text
    .split(/(?<=[.?!])\s+(?=[A-Z(])/)
    .map((s) => s.trim())
    .filter(Boolean)

/** @returns what a step says twice or against itself; empty where it does not */
export function saidTwice(parts: readonly string[]): string[] {
  const all = parts.flatMap(sentencesOf)
  const bare = all.map((s) => s.toLowerCase().replace(/[^\p{L}\p{N} ]/gu, ''))
  return [
    ...bare.filter((s, i) => bare.indexOf(s) < i).map((s) => `twice: ${s}`),
    ...Object.entries(MATTERS)
      .map(([matter, about]) => [matter, all.filter((s) => about.test(s))] as const)
      .filter(([, said]) => said.length > 1)
      .map(([matter, said]) => `${matter}: ${said.join(' / ')}`),
    ...AGAINST.filter(([, one, other]) => all.some((s) => one.test(s)) && all.some((s) => other.test(s))).map(
      ([what]) => what,
    ),
  ]
}
