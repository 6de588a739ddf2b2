import type { Reader } from '../../design/readers'
import { readersOf } from '../readersOf'

/** Somebody who is none of the readers of the brief, and has whatever link the machine takes. */
export const anybody: readonly Reader[] = readersOf({ readers: [], readersAtOnce: 1 }, 1)
