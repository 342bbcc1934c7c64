import type { Facts } from '../base/facts.ts'

/**
 * Where the liner of a trimming step ends: long, up to the rolls; flush with the diffuser or past its seat at the gun's
 * end, by school and gun; or cut short of a mark at the collet. common practice
 */
export function linerEnd({ trim, trimSchool }: Facts): 'rolls' | 'flush' | 'seat' | 'mark' {
  if (trim === 'long') return 'rolls'
  if (trimSchool === 'flush') return 'flush'
  return trim === 'gun-end' && trimSchool !== 'short-of-mark' ? 'seat' : 'mark'
}
