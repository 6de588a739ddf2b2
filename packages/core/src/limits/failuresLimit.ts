import { type Limit, standingOf } from './limit'

/** Failures that must be survived, whichever drives they hit. A rule of its own speaks about it. */
export const failuresLimit: Limit = ({ brief }, { survival }) => {
  const { failuresWanted } = brief
  if (failuresWanted === null) return null
  const { alwaysSurvived } = survival
  return {
    id: 'failures',
    title: 'Failures survived',
    standing: standingOf(alwaysSurvived, (failures) => failures >= failuresWanted),
    wanted: `any ${failuresWanted}`,
    has: alwaysSurvived === null ? 'no pool yet' : `any ${alwaysSurvived}`,
    finding: null,
  }
}
