/** Why a pool cannot be made, with the path of the field that is to blame. */
export class PoolError extends Error {
  readonly field: string

  constructor(field: string, sentence: string) {
    super(sentence)
    this.name = 'PoolError'
    this.field = field
  }
}
