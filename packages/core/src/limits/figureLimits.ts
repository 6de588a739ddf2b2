import { type Limit, standingOf } from './limit'

// The four figures of the ledger and the free bays: rules of their own speak about them.

export const spaceLimit: Limit = (_document, { capacity }, say) => {
  const { wantedBytes, workingBytes } = capacity
  if (wantedBytes === 0) return null
  return {
    id: 'space',
    title: 'Space to work with',
    standing: standingOf(workingBytes, (bytes) => bytes >= wantedBytes),
    wanted: say.space(wantedBytes),
    has: say.space(workingBytes),
    finding: null,
  }
}

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

export const idleLimit: Limit = ({ brief }, { power }, say) => {
  const { idleWattsLimit } = brief
  if (idleWattsLimit === null) return null
  return {
    id: 'idle',
    title: 'Idle at the wall',
    standing: standingOf(power.wallWatts, (watts) => watts <= idleWattsLimit),
    wanted: `at most ${say.watts(idleWattsLimit)}`,
    has: power.wallWatts === null ? 'no supply yet' : say.watts(power.wallWatts),
    finding: null,
  }
}

export const costLimit: Limit = ({ brief }, { cost }, say) => {
  const { costLimitMinor } = brief
  if (costLimitMinor === null) return null
  return {
    id: 'cost',
    title: 'To buy',
    standing: standingOf(cost.totalMinor, (minor) => minor <= costLimitMinor),
    wanted: `at most ${say.roundMoney(costLimitMinor, brief.currency)}`,
    has: say.roundMoney(cost.totalMinor, cost.currency),
    finding: null,
  }
}

export const freeBaysLimit: Limit = ({ brief }, { bays }, say) => {
  if (brief.freeBaysWanted === 0) return null
  const free = bays.bays.filter(({ drive }) => drive === null).length
  return {
    id: 'free-bays',
    title: 'Bays free',
    standing: standingOf(
      bays.bays.length === 0 ? null : free,
      (bays) => bays >= brief.freeBaysWanted,
    ),
    wanted: say.counted(brief.freeBaysWanted, 'bay'),
    has: bays.bays.length === 0 ? 'no case yet' : say.counted(free, 'bay'),
    finding: null,
  }
}
