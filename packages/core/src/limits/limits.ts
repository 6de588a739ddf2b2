import type { Formatter } from '../units/formatter'
import { spaceLimit } from './spaceLimit'
import { failuresLimit } from './failuresLimit'
import { idleLimit } from './idleLimit'
import { costLimit } from './costLimit'
import { freeBaysLimit } from './freeBaysLimit'
import { freeSlotsLimit } from './freeSlotsLimit'
import { laterMoneyLimit } from './laterMoneyLimit'
import type { JudgedLimit, Limit, Subject } from '../judging/limit'
import { lossLimit } from './lossLimit'
import { noiseLimit } from './noiseLimit'
import { outageLimit } from './outageLimit'
import { placeLimit } from './placeLimit'
import { readersLimit } from './readersLimit'
import { roomTemperatureLimit } from './roomTemperatureLimit'

/** Every limit that a brief can set. A new one is one file here and one line in this list. */
const limits: readonly Limit[] = [
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
]

/** How a design stands to each limit that its brief sets. */
export function judgeLimits(subject: Subject, format: Formatter): JudgedLimit[] {
  return limits.flatMap((limit) => limit(subject, format) ?? [])
}
