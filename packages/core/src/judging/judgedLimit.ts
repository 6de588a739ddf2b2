import type { Amount } from '../units/amount'
import type { Bound, LimitStatus } from './statusOf'

/** A figure against what the brief says of it. */
export interface Judged<Facts extends object> {
  bound: Bound
  /** Null while there is nothing to judge yet, as the space of a design without a pool. */
  has: Amount | null
  facts: Facts
}

/** How a design stands to one limit or wish of its brief. */
export interface JudgedLimit<
  Id extends string = string,
  Facts extends object = object,
> extends Judged<Facts> {
  id: Id
  status: LimitStatus
}
