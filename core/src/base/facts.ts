/** Where a rule or a figure comes from. */
export type Origin = 'published' | 'common practice' | 'model' | 'measured'

/** Facts a sentence may need; sizes in mm, lengths of leads in m, flows in L/min. Never a sentence. */
export type Facts = FactsOf<string>
/** The same of facts that are named. */
export type FactsOf<K extends string> = {
  readonly [key in K]?: string | number | boolean | readonly string[] | undefined
}
