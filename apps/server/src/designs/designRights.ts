import type { DesignRight } from '@flint/contract'
import { isUUID } from 'class-validator'
import type { DataSource } from 'typeorm'
import type { Principal } from '../people/principal'
import type { ShownTo } from './summaryEntity'

/**
 * What somebody may do with a design, as a CASE of PostgreSQL over `design` and the account :me.
 *
 * What belongs to nobody belongs to the house: whoever has an account may change it. The keeper of the house has
 * that too, and what belonged to somebody whose account is closed, or nobody could ever share or remove it.
 */
const RIGHT = `CASE
  WHEN design.owner_id = :me THEN 'own'
  WHEN design.owner_id IS NULL THEN CASE WHEN :keeps THEN 'own' ELSE 'change' END
  WHEN :keeps AND EXISTS (
    SELECT FROM account WHERE account.id = design.owner_id AND account.disabled_at IS NOT NULL
  ) THEN 'own'
  ELSE (
    SELECT access.may FROM design_access access
    WHERE access.design_id = design.id AND access.account_id = :me
  )
END`

/** @returns null for one that is not there, or is not theirs to see */
export async function rightTo(
  database: DataSource,
  principal: Principal,
  designId: string,
): Promise<DesignRight | null> {
  if (!isUUID(designId)) return null
  switch (principal.kind) {
    case 'house': {
      const found = await database.query<unknown[]>('SELECT FROM design WHERE id = $1', [designId])
      return found.length > 0 ? 'own' : null
    }
    case 'link':
      return principal.designId === designId ? 'look' : null
    case 'nobody':
      return null
    case 'account':
    case 'token': {
      const found = await database.manager
        .createQueryBuilder()
        .select(RIGHT, 'right')
        .from('design', 'design')
        .where('design.id = :designId', { designId })
        .setParameters(asParameters(principal))
        .getRawOne<{ right: DesignRight | null }>()
      return found?.right ?? null
    }
  }
}

/** Narrows a list of designs to those that somebody may see, and says with each what they may do with it. */
export function shownTo(principal: Principal): ShownTo {
  return (query) => {
    switch (principal.kind) {
      case 'house':
        query.addSelect(`'own'`, 'right')
        return
      case 'link':
        query
          .addSelect(`'look'`, 'right')
          .andWhere('design.id = :designId', { designId: principal.designId })
        return
      case 'nobody':
        query.addSelect(`'look'`, 'right').andWhere('FALSE')
        return
      case 'account':
      case 'token':
        query
          .addSelect(RIGHT, 'right')
          .andWhere(`${RIGHT} IS NOT NULL`)
          .setParameters(asParameters(principal))
    }
  }
}

const asParameters = (
  principal: Extract<Principal, { accountId: string }>,
): { me: string; keeps: boolean } => ({
  me: principal.accountId,
  keeps: principal.kind === 'account' && principal.isKeeper,
})
