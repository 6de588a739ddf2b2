import { type AnyKind, type PartKind, partKinds } from './partKinds'

const conditionsOf = (kind: PartKind): NonNullable<AnyKind['onlyWhere']> =>
  (partKinds[kind] as AnyKind).onlyWhere ?? {}

/**
 * Whether a value says anything of a part, as far as its other values tell: a SATA drive has no lanes.
 *
 * @param valueOf the other values by their names, as a sheet or a form has them; what is not known rules nothing out
 * @example
 * isSaidOf('drive', 'pcieLanes', (name) => ({ plug: 'SATA' })[name])
 * // false
 */
export function isSaidOf(
  kind: PartKind,
  name: string,
  valueOf: (name: string) => unknown,
): boolean {
  const condition = conditionsOf(kind)[name]
  if (!condition) return true
  const value = valueOf(condition.name) ?? ''
  return value === '' || value === condition.is
}

/** The values of a kind that decide which others say anything. */
export const decidingNames = (kind: PartKind): string[] => [
  ...new Set(Object.values(conditionsOf(kind)).flatMap((condition) => condition?.name ?? [])),
]
