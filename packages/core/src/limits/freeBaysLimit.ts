import type { Limit } from '../judging/limit'
import { piecesOf } from '../machine/machine'
import { exactly } from '../units/amount'

interface Facts {
  freeBays: number
  freeBaysWanted: number
}

/**
 * Bays that must stay free for rescue work and growth. Where the drives are 3.5" ones, only bays that take such
 * a drive are of use.
 */
export const freeBaysLimit: Limit<'free-bays', Facts> = {
  id: 'free-bays',
  title: 'Bays free',
  dependsOn: ['chassis', 'drives'],
  judge: ({ brief: { freeBaysWanted }, machine }) => {
    if (freeBaysWanted === 0) return null
    const needsLarge = piecesOf(machine, 'drive').some(
      ({ dataSheet }) => dataSheet.formFactor === '3.5',
    )
    const freeBays = machine.bays.filter(
      ({ id, formFactor }) => !machine.driveIn.has(id) && (!needsLarge || formFactor === '3.5'),
    ).length
    return {
      bound: { least: freeBaysWanted },
      has: machine.bays.length === 0 ? null : exactly(freeBays, 'pieces'),
      facts: { freeBays, freeBaysWanted },
    }
  },
  wanted: ({ facts }, { format }) => `at least ${format.counted(facts.freeBaysWanted, 'bay')}`,
  has: ({ has, facts }, { format }) =>
    has === null ? 'no case yet' : format.counted(facts.freeBays, 'bay'),
}
