import { type Limit, standingOf } from './limit'

/** The data at the end of the horizon against the space to work with. A rule of its own speaks about it. */
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
