import type { WantedGroup } from '../../design/edits/groupDrives'
import { vdevKinds, type ZfsVdevKindName } from '../zfs/vdevKinds'

/** One thing that a handful of drives could become, or why they cannot. */
export interface LayoutChoice {
  /** Stable while the number of drives stays: `raidz2x1x6`, `mirrorx3x2`. */
  id: string
  /** "double parity, 6 wide", "three pairs". */
  title: string
  /** ZFS's own words for it. */
  zfsWords: string
  /** Empty when it is not possible. */
  groups: WantedGroup[]
  /** Why it is not possible, for people; null when it is. */
  reason: string | null
}

interface Shape {
  kind: ZfsVdevKindName
  groupCount: number
  width: number
}

const NUMBER_WORDS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight']

/**
 * What could these drives become, in groups of equal width?
 *
 * Drives are dealt to the groups largest first, so that equal ones come to lie together and little
 * is stranded. Layouts that the number of drives forbids are listed too, with the reason.
 *
 * @param drives at least one, with their sizes
 * @example layoutChoices(sixDrives).map(({ title }) => title)
 * // ['single parity, 6 wide', 'double parity, 6 wide', …, 'three pairs', …]
 */
export function layoutChoices(
  drives: readonly { id: string; capacityBytes: number }[],
): LayoutChoice[] {
  const bySize = drives
    .map((drive, index) => ({ ...drive, index }))
    .sort((one, other) => other.capacityBytes - one.capacityBytes || one.index - other.index)
    .map(({ id }) => id)
  return shapesFor(drives.length).map((shape) => choiceOf(shape, bySize))
}

function shapesFor(count: number): Shape[] {
  const shapes: Shape[] = [
    { kind: 'raidz1', groupCount: 1, width: count },
    { kind: 'raidz2', groupCount: 1, width: count },
    { kind: 'raidz3', groupCount: 1, width: count },
    { kind: 'mirror', groupCount: Math.max(1, Math.floor(count / 2)), width: 2 },
  ]
  if (count % 3 === 0) shapes.push({ kind: 'mirror', groupCount: count / 3, width: 3 })
  for (const groupCount of [2, 3, 4]) {
    const width = count / groupCount
    if (!Number.isInteger(width)) continue
    if (width >= 3) shapes.push({ kind: 'raidz1', groupCount, width })
    if (width >= 4) shapes.push({ kind: 'raidz2', groupCount, width })
  }
  return [...shapes, { kind: 'stripe', groupCount: 1, width: count }]
}

function choiceOf({ kind, groupCount, width }: Shape, driveIds: readonly string[]): LayoutChoice {
  return {
    id: `${kind}x${groupCount}x${width}`,
    ...wordsFor(kind, groupCount, width),
    ...groupsOrReason(kind, groupCount, width, driveIds),
  }
}

function groupsOrReason(
  kind: ZfsVdevKindName,
  groupCount: number,
  width: number,
  driveIds: readonly string[],
): Pick<LayoutChoice, 'groups' | 'reason'> {
  const { minimumMembers, plainName } = vdevKinds[kind]
  if (width < minimumMembers || driveIds.length < minimumMembers) {
    return {
      groups: [],
      reason: `${capitalised(plainName)} needs at least ${NUMBER_WORDS[minimumMembers]} drives.`,
    }
  }
  const left = driveIds.length - width * groupCount
  if (left > 0) {
    return {
      groups: [],
      reason: `Pairs need an even number of drives; ${left} would be left over.`,
    }
  }
  const groups = Array.from({ length: groupCount }, (_, index) => ({
    kind,
    driveIds: driveIds.slice(index * width, (index + 1) * width),
  }))
  return { groups, reason: null }
}

function wordsFor(
  kind: ZfsVdevKindName,
  groupCount: number,
  width: number,
): Pick<LayoutChoice, 'title' | 'zfsWords'> {
  const { plainName } = vdevKinds[kind]
  const times = groupCount > 1 ? `${groupCount} × ` : ''
  if (kind === 'stripe') return { title: plainName, zfsWords: 'stripe' }
  if (kind === 'mirror') {
    return { title: mirrorTitle(groupCount, width), zfsWords: `${times}mirror, ${width} wide` }
  }
  const many = NUMBER_WORDS[groupCount] ?? String(groupCount)
  return {
    title:
      groupCount === 1 ? `${plainName}, ${width} wide` : `${many} of ${width} wide, ${plainName}`,
    zfsWords: `${times}${kind}`,
  }
}

function mirrorTitle(groupCount: number, width: number): string {
  const many = NUMBER_WORDS[groupCount] ?? String(groupCount)
  const [singular, plural] =
    width === 2 ? ['pair', 'pairs'] : ['three-way mirror', 'three-way mirrors']
  return groupCount === 1 ? `one ${singular}` : `${many} ${plural}`
}

const capitalised = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)
