import { AWS_A5_10, ISO_18273 } from './aws-a5-10.ts'
import { AWS_A5_18 } from './aws-a5-18.ts'
import { AWS_A5_20 } from './aws-a5-20.ts'
import { AWS_A5_22 } from './aws-a5-22.ts'
import { AWS_A5_29 } from './aws-a5-29.ts'
import { AWS_A5_36 } from './aws-a5-36.ts'
import { AWS_A5_7, ISO_24373 } from './aws-a5-7.ts'
import { AWS_A5_9 } from './aws-a5-9.ts'
import { ISO_14341 } from './iso-14341.ts'
import { ISO_14343, ISO_17633 } from './iso-14343.ts'
import { ISO_17632 } from './iso-17632.ts'
import { ISO_16834, ISO_21952 } from './iso-16834.ts'
import { NICKEL } from './nickel.ts'
import { STICK } from './stick.ts'
import type { Designation, Standard } from './standard.ts'

/** Standards in the order they are tried. */
export const STANDARDS: readonly Standard[] = [
  STICK,
  AWS_A5_18,
  AWS_A5_20,
  AWS_A5_36,
  AWS_A5_29,
  AWS_A5_22,
  AWS_A5_9,
  AWS_A5_10,
  AWS_A5_7,
  ISO_14341,
  ISO_17632,
  ISO_14343,
  ISO_17633,
  ISO_18273,
  ISO_24373,
  ISO_16834,
  ISO_21952,
  NICKEL,
]

/**
 * Reads one designation. `undefined` when it is none of any standard.
 * @param token upper case, no spaces
 * @param figuresApart spaces stood between two figures, which only some standards print
 */
export function readDesignation(token: string, figuresApart = false): Designation {
  let refused: Designation
  for (const standard of STANDARDS) {
    if (figuresApart && !standard.spaced) continue
    const designation = standard.read(token)
    if (designation?.ok) return designation
    refused ??= designation
  }
  return refused
}
export type { Designated, Standard } from './standard.ts'
export { USABILITY } from './usability.ts'
