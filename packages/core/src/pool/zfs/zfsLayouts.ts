import type { Layout, SizedDrive } from '../layoutFamily'
import { largestFirst } from '../driveSizes'
import {
  PLACEHOLDER_POOL,
  withPlaceholderIds,
  type WithoutId,
} from '../../design/pools/placeholderPool'
import { upperFirst } from '../../units/firstLetter'
import { countWord } from '../numberWords'
import { cutBySize } from './cutBySize'
import { vdevKinds, vdevKindOf } from './vdevKinds'
import type { DraidShape, ZfsVdevKindName } from '../../design/pools/zfsPool'
import { USUAL_ASHIFT, type ZfsDesignPool, type ZfsGroup } from '../../design/pools/zfsPool'

interface Shape {
  kind: ZfsVdevKindName
  groupCount: number
  /** Of the narrowest group; where the drives do not divide evenly, some are one wider. */
  width: number
  /** How many groups are one wider. */
  wider: number
  spares: number
  usual: boolean
}

/** Wider groups rebuild slowly; nobody plans them but as one group of all drives. Common practice. */
const WIDEST_OF_SEVERAL = 12

/** Data members that dRAID groups are usually given: powers of two pack blocks without padding. */
const DRAID_DATA = [2, 4, 8, 16]

/**
 * What could these drives become in a ZFS pool?
 *
 * Drives are dealt to groups of equal width largest first, so that equal ones come to lie together and
 * little is stranded; drives of several sizes are also cut into groups of unequal width. Layouts that the
 * number of drives forbids are listed too, with the reason.
 *
 * @param drives at least one, with their sizes
 * @example zfsLayouts([1, 2, 3].map((at) => ({ id: `drive-${at}`, capacityBytes: 4e12 })))[0].title
 * // 'single parity, 3 wide'
 */
export function zfsLayouts(drives: readonly SizedDrive[]): Layout<ZfsDesignPool>[] {
  const bySize = largestFirst(drives)
  return [
    ...shapesFor(drives.length).map((shape) => equalGroups(shape, bySize)),
    ...unequalGroups(drives),
    ...draids(bySize),
  ]
}

function shapesFor(count: number): Shape[] {
  const whole = { spares: 0, wider: 0, usual: true }
  const shapes: Shape[] = [
    { kind: 'raidz1', groupCount: 1, width: count, ...whole },
    { kind: 'raidz2', groupCount: 1, width: count, ...whole },
    { kind: 'raidz3', groupCount: 1, width: count, ...whole },
    { kind: 'mirror', groupCount: Math.max(1, Math.floor(count / 2)), width: 2, ...whole },
  ]
  if (count % 3 === 0) shapes.push({ kind: 'mirror', groupCount: count / 3, width: 3, ...whole })
  for (const groupCount of [2, 3, 4]) {
    const width = count / groupCount
    if (!Number.isInteger(width)) continue
    if (width >= 3) shapes.push({ kind: 'raidz1', groupCount, width, ...whole })
    if (width >= 4) shapes.push({ kind: 'raidz2', groupCount, width, ...whole })
  }
  shapes.push({ kind: 'stripe', groupCount: 1, width: count, ...whole })
  const listed = new Set(shapes.map(shapeId))
  return shapes.concat(lessUsual(count).filter((shape) => !listed.has(shapeId(shape))))
}

/** Every other division into groups as equal as they can be, with up to two hot spares. */
function lessUsual(count: number): Shape[] {
  const shapes: Shape[] = []
  for (const spares of [0, 1, 2]) {
    const members = count - spares
    for (let groupCount = 1; groupCount <= members / 2; groupCount += 1) {
      const width = Math.floor(members / groupCount)
      const wider = members - width * groupCount
      const widest = wider > 0 ? width + 1 : width
      if (groupCount > 1 && widest > WIDEST_OF_SEVERAL) continue
      const shape = { groupCount, width, wider, spares, usual: false }
      if (widest <= 3) shapes.push({ kind: 'mirror', ...shape })
      for (const kind of ['raidz1', 'raidz2', 'raidz3'] as const) {
        if (width > vdevKinds[kind].minimumMembers) shapes.push({ kind, ...shape })
      }
    }
  }
  return shapes
}

function shapeId({ kind, groupCount, width, wider, spares }: Omit<Shape, 'usual'>): string {
  const uneven = wider > 0 ? `-${wider}` : ''
  return `${kind}x${groupCount}x${width}${uneven}${spares > 0 ? `+${spares}` : ''}`
}

function equalGroups(shape: Shape, driveIds: readonly string[]): Layout<ZfsDesignPool> {
  const { kind, groupCount, width, wider, spares, usual } = shape
  const reason = reasonAgainst(shape, driveIds.length)
  // The largest drives are the spares: one that is smaller than a member could not take its place.
  const spareIds = driveIds.slice(0, spares)
  const memberIds = driveIds.slice(spares)
  const groups: WithoutId<ZfsGroup>[] = Array.from({ length: groupCount }, (_, index) => {
    const start = index * width + Math.min(index, wider)
    const end = start + width + (index < wider ? 1 : 0)
    return { kind, driveIds: memberIds.slice(start, end) }
  })
  if (spares > 0) groups.push({ kind: 'spare', driveIds: spareIds })
  return {
    id: shapeId(shape),
    ...wordsFor(shape),
    pool: reason === null ? poolOf(groups) : null,
    reason,
    usual,
  }
}

function reasonAgainst(
  { kind, groupCount, width, wider, spares }: Shape,
  count: number,
): string | null {
  const { minimumMembers, label } = vdevKinds[kind]
  if (width < minimumMembers || count < minimumMembers) {
    return `${upperFirst(label)} needs at least ${countWord(minimumMembers)} drives.`
  }
  const left = count - width * groupCount - wider - spares
  return left > 0 ? `Pairs need an even number of drives; ${left} would be left over.` : null
}

function poolOf(groups: readonly WithoutId<ZfsGroup>[]): ZfsDesignPool {
  return {
    ...PLACEHOLDER_POOL,
    family: 'zfs',
    ashift: USUAL_ASHIFT,
    groups: withPlaceholderIds(groups),
  }
}

/** Drives of several sizes cut into groups of unequal width, so that most can be used. */
function unequalGroups(drives: readonly SizedDrive[]): Layout<ZfsDesignPool>[] {
  return (['mirror', 'raidz1', 'raidz2'] as const).flatMap((kind) => {
    const cut = cutBySize(drives, vdevKinds[kind])
    if (!cut || new Set(cut.map(({ length }) => length)).size < 2) return []
    const widths = cut.map(({ length }) => length)
    return [
      {
        id: `${kind}-by-size`,
        title: `${vdevKinds[kind].label}, cut by size: ${widths.join(' + ')}`,
        nativeName: `${cut.length} × ${kind}`,
        pool: poolOf(cut.map((driveIds) => ({ kind, driveIds }))),
        reason: null,
        usual: true,
      },
    ]
  })
}

function draids(driveIds: readonly string[]): Layout<ZfsDesignPool>[] {
  const layouts: Layout<ZfsDesignPool>[] = []
  for (const parity of [1, 2, 3] as const) {
    for (const spares of [0, 1, 2]) {
      for (const data of DRAID_DATA) {
        const shape: DraidShape = { parity, data, spares }
        const { minimumMembers, label } = vdevKindOf({ kind: 'draid', draid: shape })
        if (driveIds.length < minimumMembers) continue
        layouts.push({
          id: `draid${parity}-${data}-${spares}`,
          title: `${label}, ${data} data`,
          nativeName: `draid${parity}:${data}d:${driveIds.length}c:${spares}s`,
          pool: poolOf([{ kind: 'draid', draid: shape, driveIds: [...driveIds] }]),
          reason: null,
          usual: false,
        })
      }
    }
  }
  return layouts
}

function wordsFor({ kind, groupCount, width, wider, spares }: Shape): {
  title: string
  nativeName: string
} {
  const { label } = vdevKinds[kind]
  const widths = wider > 0 ? `${width} to ${width + 1}` : String(width)
  const times = groupCount > 1 ? `${groupCount} × ` : ''
  const beside = spares > 0 ? `, ${countWord(spares)} ${spares === 1 ? 'spare' : 'spares'}` : ''
  if (kind === 'stripe') return { title: label, nativeName: 'stripe' }
  if (kind === 'mirror') {
    return {
      title: mirrorTitle(groupCount, width, wider) + beside,
      nativeName: `${times}mirror, ${widths} wide`,
    }
  }
  const title =
    groupCount === 1
      ? `${label}, ${widths} wide`
      : `${countWord(groupCount)} of ${widths} wide, ${label}`
  return { title: title + beside, nativeName: `${times}${kind}` }
}

function mirrorTitle(groupCount: number, width: number, wider: number): string {
  if (wider > 0) return `${countWord(groupCount)} mirrors, ${wider} of them three-way`
  const [singular, plural] =
    width === 2 ? ['pair', 'pairs'] : ['three-way mirror', 'three-way mirrors']
  return groupCount === 1 ? `one ${singular}` : `${countWord(groupCount)} ${plural}`
}
