import type { Limit } from '../judging/limit'
import { exactly } from '../units/amount'

interface Facts {
  wantedBytes: number
}

/** The data at the end of the horizon against the usable space. */
export const spaceLimit: Limit<'space', Facts> = {
  id: 'space',
  title: 'Usable space',
  dependsOn: ['drives', 'layout'],
  judge: ({ capacity: { wantedBytes, workingBytes, pools } }) =>
    wantedBytes === 0
      ? null
      : {
          bound: { least: wantedBytes },
          has: pools.length === 0 ? null : exactly(workingBytes, 'B'),
          facts: { wantedBytes },
        },
  wanted: ({ facts, has }, { format }) =>
    `at least ${format.apart(facts.wantedBytes, has?.low ?? 0, format.space, 1)[0]}`,
  has: ({ facts, has }, { format }) =>
    has ? format.apart(has.low, facts.wantedBytes, format.space, 1)[0] : 'no pool yet',
}
