import { copyIn } from './copyIn'
import { everything } from './everything'
import { readers } from './readers'
import { rebuild } from './rebuild'
import type { Scenario } from './scenario'
import { scrub } from './scrub'
import { writePieces } from './writePieces'
import { writers } from './writers'

/** Every kind of work whose rates are computed. A new one is one file here and one line in this list. */
export const scenarios: readonly Scenario[] = [
  scrub,
  rebuild,
  readers,
  writers,
  writePieces,
  copyIn,
  everything,
]
