import type { Limit } from '../judging/limit'
import { exactly, exactOf } from '../units/amount'

interface Facts {
  wantedBytes: number
  /** The pool that is too small for what was placed on it; null where none is. */
  shortPoolId: string | null
}

/** The data at the end of the horizon against the usable space. */
export const spaceLimit: Limit<'space', Facts> = {
  id: 'space',
  title: 'Usable space',
  dependsOn: ['drives', 'layout'],
  judge: ({ capacity: { wantedBytes, workingBytes, pools, housing } }) =>
    wantedBytes === 0
      ? null
      : {
          bound: { least: wantedBytes },
          // What does not fit where it is to live has no use of the room elsewhere.
          has:
            pools.length === 0
              ? null
              : exactly(
                  housing.housedBytes < wantedBytes ? housing.housedBytes : workingBytes,
                  'B',
                ),
          facts: { wantedBytes, shortPoolId: housing.shortPoolId },
        },
  wanted: ({ facts: { wantedBytes }, has }, { format }) =>
    `at least ${has ? format.apart(wantedBytes, exactOf(has), format.space, 1)[0] : format.space(wantedBytes, 1)}`,
  has: ({ facts, has }, { format, pool }) =>
    has
      ? `${format.apart(exactOf(has), facts.wantedBytes, format.space, 1)[0]}${facts.shortPoolId === null ? '' : `, ${pool(facts.shortPoolId)} is too small for what is placed on it`}`
      : 'no pool yet',
}
