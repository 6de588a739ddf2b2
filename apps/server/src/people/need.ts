import type { DesignRight, TokenScope } from '@flint/contract'
import type { Principal } from './principal'

/** What somebody needs to be allowed for a route. */
export type Need =
  /** Everyone may, also those who have not signed in. */
  | 'nothing'
  /** Parts, and the list of the designs that one may see. */
  | 'look'
  /** Prices that were seen, and targets: what a household pays is not for the guests that it shows a design to. */
  | 'see prices'
  /** Parts, and new designs. */
  | 'change'
  /** The design in the address. */
  | 'look at design'
  /** Its revisions, and what was set aside. */
  | 'look back'
  | 'change design'
  /** To share, remove and delete it. */
  | 'own design'
  /** What a meter does, for the design in the address. */
  | 'send readings'
  /** Who has an account here. */
  | 'know people'
  /** One's own account, by oneself and not by a program. */
  | 'account'
  /** Accounts of others, and the list of changes. */
  | 'keep house'

/** The right to a design that a need asks for; none for needs that are about no design. */
export const RIGHT_FOR: Partial<Record<Need, DesignRight>> = {
  'look at design': 'look',
  'look back': 'look',
  'change design': 'change',
  'own design': 'own',
  'send readings': 'change',
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

const LOOKING: readonly Need[] = ['look', 'see prices', 'look at design', 'look back']
const OF_SCOPE: Record<TokenScope, readonly Need[]> = {
  look: LOOKING,
  change: [...LOOKING, 'change', 'change design', 'send readings'],
  meter: ['send readings'],
}
