/** Drives of which any `tolerates` may fail together, and no more. */
export interface FailureGroup {
  groupIds: string[]
  driveIds: string[]
  tolerates: number
  /** What the redundancy is made of. */
  by: 'copies' | 'parity' | 'nothing'
  /** Members that hold only parity, whose own loss costs no file. */
  parityIds?: string[]
}
