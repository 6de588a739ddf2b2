import { type Limit, standingOf } from './limit'

/** Bays that must stay free for rescue work and growth. A rule of its own speaks about it. */
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
