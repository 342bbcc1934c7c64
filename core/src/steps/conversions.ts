/**
 * Work on the machine itself, a plan of its own before or after a change of wire: gas gear into a machine that never
 * had any, the way back, and another kind of gun.
 */
export const CONVERSIONS = ['to-gas', 'to-gasless', 'fit-gun'] as const
export type ConversionKind = (typeof CONVERSIONS)[number]
