/** What a pool of any family holds. */
export interface FamilyCapacity {
  /** Sum of the members as given. */
  rawBytes: number
  /** Space for files, before any file system's own overhead. */
  usableBytes: number
  /** For each member, in the order given, the bytes that nothing can be put on. */
  strandedBytes: number[]
}

/** The members together. */
export function sumOf(bytes: readonly number[]): number {
  return bytes.reduce((sum, one) => sum + one, 0)
}
