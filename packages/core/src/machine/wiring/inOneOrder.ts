import type { Host, Item, PoolGroup } from './assignment'

/** Items and groups in an order that depends on what they look like. */
export interface InOrder {
  items: readonly Item[]
  groups: readonly PoolGroup[]
  /** The place in the original problem of each item. */
  from: readonly number[]
}

/**
 * The same problem with its items and groups in an order of their own, so that two problems that differ only in
 * which drive or which group is which become one.
 *
 * Groups that look alike keep their order: such problems may then still differ, and are solved twice.
 */
export function inOneOrder(
  wanted: readonly Item[],
  hosts: readonly Host[],
  groups: readonly PoolGroup[],
): InOrder {
  const items = withoutIdleDemand(wanted, hosts)
  const looks = items.map(({ takes, demands, allowed, drives }) =>
    [takes.join(), demands.join(), allowed.join(), drives].join(' '),
  )
  const groupOrder = ordered(groupLooks(items, looks, groups))
  const newNumber: number[] = []
  groupOrder.forEach((group, at) => (newNumber[group] = at))
  const pools: string[] = []
  const renamed = groupOrder.flatMap((group): PoolGroup[] => {
    const one = groups[group]
    if (!one) return []
    if (!pools.includes(one.poolId)) pools.push(one.poolId)
    return [{ poolId: String(pools.indexOf(one.poolId)), tolerates: one.tolerates }]
  })
  const regrouped = items.map((item) => ({
    ...item,
    groups: item.groups.map((group) => newNumber[group] ?? 0).sort((one, other) => one - other),
  }))
  const from = ordered(regrouped.map(({ groups: own }, at) => `${looks[at] ?? ''} ${own.join()}`))
  return { items: from.flatMap((at) => regrouped[at] ?? []), groups: renamed, from }
}

/** The places of texts in their sorted order; equal ones keep theirs. */
function ordered(texts: readonly string[]): number[] {
  return texts
    .map((text, at) => ({ text, at }))
    .sort((one, other) => (one.text < other.text ? -1 : Number(one.text > other.text)))
    .map(({ at }) => at)
}

/** What a group looks like: what it tolerates, and what the items are that have its drives. */
function groupLooks(
  items: readonly Item[],
  looks: readonly string[],
  groups: readonly PoolGroup[],
): string[] {
  const behind: string[][] = groups.map(() => [])
  items.forEach(({ groups: own }, at) => {
    for (const group of own) behind[group]?.push(`${looks[at] ?? ''} of ${own.length}`)
  })
  return groups.map(({ tolerates }, group) => {
    const texts = behind[group] ?? []
    return `${tolerates}: ${texts.sort().join('; ')}`
  })
}

/** Where every host has enough for all, a demand makes no difference, and items that differ in it are alike. */
function withoutIdleDemand(items: readonly Item[], hosts: readonly Host[]): readonly Item[] {
  const kinds = items[0]?.demands.length ?? 0
  const isIdle = Array.from({ length: kinds }, (_, kind) => {
    const all = items.reduce((sum, { demands }) => sum + (demands[kind] ?? 0), 0)
    return hosts.every(({ most }) => (most[kind] ?? Infinity) >= all)
  })
  if (!isIdle.includes(true)) return items
  return items.map((one) => ({
    ...one,
    demands: one.demands.map((demand, kind) => (isIdle[kind] ? 0 : demand)),
  }))
}
