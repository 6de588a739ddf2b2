import type { OpenChoice } from '../judging/choiceNeeded'
import type { Given } from '../judging/given'
import type { JudgedLimit } from '../judging/judgedLimit'
import type { Limit } from '../judging/limit'
import { type LimitStatus, statusOf } from '../judging/statusOf'
import type { Words } from '../judging/words'
import { costLimit } from './costLimit'
import { failuresLimit } from './failuresLimit'
import { freeBaysLimit } from './freeBaysLimit'
import { freeSlotsLimit } from './freeSlotsLimit'
import { idleLimit } from './idleLimit'
import { laterMoneyLimit } from './laterMoneyLimit'
import { lossLimit } from './lossLimit'
import { noiseLimit } from './noiseLimit'
import { outageLimit } from './outageLimit'
import { placeLimit } from './placeLimit'
import { readersLimit } from './readersLimit'
import { roomTemperatureLimit } from './roomTemperatureLimit'
import { spaceLimit } from './spaceLimit'

/** Every limit that a brief can set. A new one is one file here and one line in this list. */
export const limits = [
  spaceLimit,
  failuresLimit,
  idleLimit,
  costLimit,
  laterMoneyLimit,
  placeLimit,
  noiseLimit,
  roomTemperatureLimit,
  readersLimit,
  outageLimit,
  lossLimit,
  freeBaysLimit,
  freeSlotsLimit,
] as const

type JudgedBy<L> = L extends Limit<infer Id, infer Facts> ? JudgedLimit<Id, Facts> : never
/** A limit that was judged, told apart by its id. */
export type AnyJudgedLimit = JudgedBy<(typeof limits)[number]>
export type LimitId = AnyJudgedLimit['id']

/**
 * How does a design stand to one limit; null when its brief does not set it?
 *
 * While something that the figure depends on is still to be chosen, the limit cannot be kept: what comes can only
 * draw, cost and sound more, and take away what is free. One that is missed already stays missed.
 */
export function judgeLimit<Id extends string, Facts extends object>(
  { id, dependsOn, judge }: Limit<Id, Facts>,
  given: Given,
): JudgedLimit<Id, Facts> | null {
  const judged = judge(given)
  if (!judged) return null
  const status = judged.has === null ? 'not known' : statusOf(judged.has, judged.bound)
  const isOpen = dependsOn.some((choice) => isStillOpen(given.stillToChoose, choice))
  return { id, status: status !== 'missed' && isOpen ? 'not known' : status, ...judged }
}

function isStillOpen(open: readonly OpenChoice[], choice: OpenChoice['choice']): boolean {
  return open.some((one) => one.choice === choice)
}

/** A limit as a person reads it. */
export interface LimitWords {
  title: string
  wanted: string
  has: string
}

/** The words for a limit that was judged. */
export function limitWords(judged: AnyJudgedLimit, words: Words): LimitWords {
  const limit = limits.find(({ id }) => id === judged.id) as Limit<string, object> | undefined
  if (!limit) throw new Error(`There is no limit ${judged.id}.`)
  return { title: limit.title, wanted: limit.wanted(judged, words), has: limit.has(judged, words) }
}

/** Three ways to stand, for those who ask for no more: what may be missed counts by what is likely. */
export function standingOf({
  status,
  has,
  bound,
}: Pick<JudgedLimit, 'status' | 'has' | 'bound'>): Exclude<LimitStatus, 'may be missed'> {
  if (status !== 'may be missed' || !has) return status === 'may be missed' ? 'not known' : status
  const isLikely = 'most' in bound ? has.likely <= bound.most : has.likely >= bound.least
  return isLikely ? 'kept' : 'missed'
}
