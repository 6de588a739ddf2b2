import type { DesignRight, TokenScope } from '@flint/contract'
import type { Principal } from './principal'

/**
 * What somebody needs to be allowed for a route:
 * - `nothing`: everyone may, also those who have not signed in
 * - `look`: parts, and the list of the designs that one may see
 * - `change`: parts, and new designs
 * - `look at design`, `look back`, `change design`, `own design`: the design in the address; looking back is at its
 *   revisions and at what was set aside
 * - `send readings`: what a meter does
 * - `know people`: who has an account here
 * - `account`: one's own account, by oneself and not by a program
 * - `keep house`: accounts of others, and everything that is stored at once
 */
export const NEEDS = [
  'nothing',
  'look',
  'change',
  'look at design',
  'look back',
  'change design',
  'own design',
  'send readings',
  'know people',
  'account',
  'keep house',
] as const
export type Need = (typeof NEEDS)[number]

/** The right to a design that a need asks for; null for needs that are about no design. */
export const RIGHT_FOR: Partial<Record<Need, DesignRight>> = {
  'look at design': 'look',
  'look back': 'look',
  'change design': 'change',
  'own design': 'own',
}

const RANK: Record<DesignRight, number> = { look: 1, change: 2, own: 3 }

/**
 * Whether somebody may do what a route does.
 * @param right to the design in the address, where there is one
 */
export function isAllowed(principal: Principal, needs: Need, right: DesignRight | null): boolean {
  if (needs === 'nothing') return true
  const wanted = RIGHT_FOR[needs]
  if (wanted && (right === null || RANK[right] < RANK[wanted])) return false
  switch (principal.kind) {
    case 'house':
      return needs !== 'account'
    case 'account':
      return needs !== 'keep house' || principal.isKeeper
    case 'token':
      return OF_SCOPE[principal.scope].includes(needs)
    case 'link':
      return needs === 'look' || needs === 'look at design'
    case 'nobody':
      return false
  }
}

const LOOKING: readonly Need[] = ['look', 'look at design', 'look back']
const OF_SCOPE: Record<TokenScope, readonly Need[]> = {
  look: LOOKING,
  change: [...LOOKING, 'change', 'change design', 'send readings'],
  meter: ['send readings'],
}
