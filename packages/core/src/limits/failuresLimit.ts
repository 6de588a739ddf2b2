import { type Limit, statusOf } from '../judging/limit'

/** Failures that must be survived, whichever drives they hit. A rule of its own speaks about it. */
export const failuresLimit: Limit = ({ design, survival }) => {
  const { brief } = design
  const { failuresWanted } = brief
  if (failuresWanted === null) return null
  const { alwaysSurvived } = survival
  return {
    id: 'failures',
    title: 'Failures survived',
    standing: statusOf(alwaysSurvived, (failures) => failures >= failuresWanted),
    wanted: `any ${failuresWanted}`,
    has: alwaysSurvived === null ? 'no pool yet' : `any ${alwaysSurvived}`,
    finding: null,
  }
}
