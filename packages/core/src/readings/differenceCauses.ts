import type { PowerFigure } from '../power/idlePower'

/** Why a machine may draw other than its plan, the likeliest first. Common practice, no source. */
export type Cause =
  | 'kept awake'
  | 'firmware menus'
  | 'disks not asleep'
  | 'supply at low load'
  | 'board extras'
  | 'peripherals'
  | 'settled too soon'
  | 'asleep meanwhile'
  | 'parts not fitted yet'

/**
 * What could explain that a machine draws more, or less, than its plan, in the order in which to look?
 *
 * What the design itself leaves open comes first: whether a device lets the CPU sleep, and how a supply does below its
 * lowest certified load.
 *
 * @param isAbove whether it draws more
 * @param loadShare of the supply's rating
 */
export function differenceCauses(
  { vetoPartIds, dc }: Pick<PowerFigure, 'vetoPartIds' | 'dc'>,
  isAbove: boolean,
  isAboutSleep: boolean,
  loadShare: number | null,
): Cause[] {
  if (!isAbove) return ['asleep meanwhile', 'parts not fitted yet']
  const isUnsaid = dc.missing.some(({ field }) => field === 'permitsDeepIdle')
  const isLow = loadShare !== null && loadShare < LOWEST_CERTIFIED
  return [
    ...(isUnsaid || vetoPartIds.length === 0 ? (['kept awake'] as const) : []),
    ...(isAboutSleep ? (['disks not asleep'] as const) : []),
    ...(isLow ? (['supply at low load'] as const) : []),
    'settled too soon',
    'peripherals',
    'board extras',
    'firmware menus',
  ]
}

/** Most certificates say nothing below a fifth of the rating. */
const LOWEST_CERTIFIED = 0.2
