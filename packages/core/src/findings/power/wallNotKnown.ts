import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'

interface Facts {
  dcWatts: number
}

/** Without a supply the watts at the wall cannot be told. */
export const wallNotKnown: Rule<'wall-not-known', Facts> = {
  code: 'wall-not-known',
  step: 'drives',
  find: ({ power }) =>
    power.wall === null ? [found('blocks', {}, { dcWatts: power.dc.low })] : [],
  sentence: ({ dcWatts }, { format }) =>
    `No power supply is chosen, so the watts at the wall are not known; ${format.watts(dcWatts, 1)} are needed behind it.`,
}
