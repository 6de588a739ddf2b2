import { upperFirst } from '../units/firstLetter'
import { formatterFor } from '../units/formatter'
import { type PoolProblem, poolProblemWords } from './poolProblem'

/** Why a pool cannot be made, with the path of the field that is to blame; its message is English. */
export class PoolError extends Error {
  constructor(
    readonly field: string,
    readonly problem: PoolProblem,
  ) {
    super(upperFirst(poolProblemWords(problem, formatterFor('en'))))
    this.name = 'PoolError'
  }
}
