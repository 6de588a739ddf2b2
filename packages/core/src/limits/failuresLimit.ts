import type { Limit } from '../judging/limit'
import { exactly } from '../units/amount'

interface Facts {
  failuresWanted: number
}

/** Failures that must be survived, whichever drives they hit. */
export const failuresLimit: Limit<'failures', Facts> = {
  id: 'failures',
  title: 'Failures survived',
  dependsOn: ['drives', 'layout'],
  judge: ({ brief: { failuresWanted }, survival: { alwaysSurvived } }) =>
    failuresWanted === null
      ? null
      : {
          bound: { least: failuresWanted },
          has: alwaysSurvived === null ? null : exactly(alwaysSurvived, 'pieces'),
          facts: { failuresWanted },
        },
  wanted: ({ facts }) => `any ${facts.failuresWanted}`,
  has: ({ has }) => (has === null ? 'no pool yet' : has.low === 0 ? 'none' : `any ${has.low}`),
}
