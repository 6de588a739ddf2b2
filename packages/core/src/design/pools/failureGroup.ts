/** Drives of which any `tolerates` may fail together, and no more. */
export interface FailureGroup {
  groupIds: string[]
  driveIds: string[]
  tolerates: number
  /** What the redundancy is made of. */
  by: 'copies' | 'parity' | 'nothing'
  /** Members that hold only parity, whose own loss costs no file. */
  parityIds?: string[]
  /**
   * Where the space of spares lies on all members: how many members are read for each piece of a lost one. All of
   * them read and write then, rather than one new drive.
   */
  spreadSpareReads?: number
}
