import { type Limit, statusOf } from '../judging/limit'

/** The data at the end of the horizon against the space to work with. A rule of its own speaks about it. */
export const spaceLimit: Limit = ({ capacity }, format) => {
  const { wantedBytes, workingBytes } = capacity
  if (wantedBytes === 0) return null
  return {
    id: 'space',
    title: 'Space to work with',
    standing: statusOf(workingBytes, (bytes) => bytes >= wantedBytes),
    wanted: format.space(wantedBytes),
    has: format.space(workingBytes),
    finding: null,
  }
}
