/** Loads of several ways together, each with its share of what the flow moves. */
export function sharedUses(
  ways: readonly { links: readonly string[]; share: number }[],
): Map<string, number> {
  const uses = new Map<string, number>()
  for (const { links, share } of ways) {
    for (const link of links) uses.set(link, (uses.get(link) ?? 0) + share)
  }
  return uses
}
