/** What somebody may do with a design: look at it, change it, or share and remove it as its owner. */
export type DesignRight = 'look' | 'change' | 'own'

/** What an owner can let others do. */
export const DESIGN_ACCESSES = ['look', 'change'] as const
export type DesignAccess = (typeof DESIGN_ACCESSES)[number]

/** What a program may do with a token: look at designs, change them too, or only send the readings of a meter. */
export const TOKEN_SCOPES = ['look', 'change', 'meter'] as const
export type TokenScope = (typeof TOKEN_SCOPES)[number]

export interface Account {
  id: string
  name: string
  /** Makes accounts, and has what belongs to nobody. */
  isKeeper: boolean
  isDisabled: boolean
}

/** Whom the server takes the browser for. */
export type Session =
  /** It listens to this machine only, so whoever sits here may do everything. */
  | { kind: 'house' }
  | { kind: 'no account yet' }
  | { kind: 'signed out' }
  | { kind: 'account'; account: Account }
  /** A link to this design was followed. */
  | { kind: 'link'; designId: string }

export interface ApiToken {
  id: string
  name: string
  scope: TokenScope
  createdAt: string
  lastUsedAt: string | null
}

/** Something that is shown once, when it is made: afterwards nobody can read it. */
export interface MadeSecret {
  id: string
  secret: string
}

export interface DesignLink {
  id: string
  createdAt: string
  expiresAt: string
}

/** Who may do what with a design. */
export interface Sharing {
  /** Null for one that belongs to the whole house. */
  owner: Pick<Account, 'id' | 'name'> | null
  access: { accountId: string; name: string; may: DesignAccess }[]
  links: DesignLink[]
}

/** A change that somebody made. */
export interface ChangeEntry {
  id: string
  at: string
  actor: string
  did: string
  designId: string | null
  /** The name of the design, where it is still there. */
  designName: string | null
  about: string | null
  times: number
}

/** The header that carries the key of a link. */
export const LINK_HEADER = 'x-flint-link'
