import { AWS_A5_10 } from './aws-a5-10.ts'
import { AWS_A5_18 } from './aws-a5-18.ts'
import { AWS_A5_20 } from './aws-a5-20.ts'
import { AWS_A5_7 } from './aws-a5-7.ts'
import type { Designation, Standard } from './standard.ts'

/** Standards in the order they are tried. */
export const STANDARDS: readonly Standard[] = [AWS_A5_18, AWS_A5_20, AWS_A5_10, AWS_A5_7]

/** Reads one designation. @param token upper case, no spaces. `undefined` when it is none of any standard. */
export function readDesignation(token: string): Designation {
  for (const standard of STANDARDS) {
    const designation = standard.read(token)
    if (designation) return designation
  }
  return undefined
}
export type { Designated, Standard } from './standard.ts'
export { USABILITY } from './aws-a5-20.ts'
