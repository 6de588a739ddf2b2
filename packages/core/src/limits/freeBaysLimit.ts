import { type Limit, statusOf } from '../judging/limit'

/** Bays that must stay free for rescue work and growth. A rule of its own speaks about it. */
export const freeBaysLimit: Limit = ({ design, bays }, format) => {
  const { brief } = design
  if (brief.freeBaysWanted === 0) return null
  const free = bays.bays.filter(({ drive }) => drive === null).length
  return {
    id: 'free-bays',
    title: 'Bays free',
    standing: statusOf(
      bays.bays.length === 0 ? null : free,
      (bays) => bays >= brief.freeBaysWanted,
    ),
    wanted: format.counted(brief.freeBaysWanted, 'bay'),
    has: bays.bays.length === 0 ? 'no case yet' : format.counted(free, 'bay'),
    finding: null,
  }
}
