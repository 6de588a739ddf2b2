import type { TokenScope } from '@flint/contract'

/** Who asks. */
export type Principal =
  /** Whoever sits at the machine itself, while it listens to nobody else. */
  | { kind: 'house' }
  | { kind: 'account'; accountId: string; name: string; isKeeper: boolean }
  /** A program, on behalf of an account. */
  | { kind: 'token'; accountId: string; name: string; scope: TokenScope }
  /** Whoever was given a link to one design. */
  | { kind: 'link'; designId: string }
  | { kind: 'nobody' }

/** The account whose own designs are meant; null for those who have none. */
export const accountIdOf = (principal: Principal): string | null =>
  'accountId' in principal ? principal.accountId : null

/** How a list of changes calls them. */
export function actorName(principal: Principal): string {
  switch (principal.kind) {
    case 'house':
      return 'this machine'
    case 'account':
      return principal.name
    case 'token':
      return `${principal.name} (token)`
    case 'link':
      return 'a link'
    case 'nobody':
      return 'nobody'
  }
}
