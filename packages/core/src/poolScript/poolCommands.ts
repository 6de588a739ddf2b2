import type { Pool } from '../design/design'
import type { ParityPool } from '../design/pools/parityPools'
import type { ZfsGroup } from '../design/pools/zfsPool'
import type { ServiceFigure } from '../services/servicesFigure'

/** Commands for one pool, and what is said before them. */
export interface PoolCommands {
  comments: string[]
  commands: string[]
}

/** Gives the path of a device, as the script writes it. */
export type PathOf = (pieceId: string, serviceId?: string) => string

type Maker<Family extends Pool['family']> = (
  pool: Extract<Pool, { family: Family }>,
  services: readonly ServiceFigure[],
  pathOf: PathOf,
) => PoolCommands

const zfsWords = ({ kind, driveIds, ...rest }: ZfsGroup): string => {
  if (kind === 'stripe') return ''
  if (kind !== 'draid' || !('draid' in rest)) return kind
  const { parity, data, spares } = rest.draid
  return `draid${parity}:${data}d:${driveIds.length}c:${spares}s`
}

/** What a service is called on the command line, and whether it can be mirrored there. */
const ZFS_SERVICES = { 'write log': 'log', 'read cache': 'cache', metadata: 'special' } as const

/** Source: zpool-create(8) and zpoolconcepts(7) of OpenZFS 2.1, from memory. */
const zfs: Maker<'zfs'> = (pool, services, pathOf) => {
  // Drives without a word before them belong to the group before, so those that stand alone come first.
  const alone = pool.groups.filter(({ kind }) => kind === 'stripe')
  const others = pool.groups.filter(({ kind }) => kind !== 'stripe')
  const words = [...alone, ...others].flatMap((group) => [
    ...(zfsWords(group) === '' ? [] : [zfsWords(group)]),
    ...group.driveIds.map((id) => pathOf(id)),
  ])
  const served = services.flatMap(({ service: { id, role, arrangement, parts } }) => {
    if (!(role in ZFS_SERVICES) || parts.length === 0) return []
    const mirrors = role !== 'read cache' && arrangement === 'mirror' && parts.length > 1
    return [
      ZFS_SERVICES[role as keyof typeof ZFS_SERVICES],
      ...(mirrors ? ['mirror'] : []),
      ...parts.map(({ pieceId }) => pathOf(pieceId, id)),
    ]
  })
  return {
    comments: [
      'ashift is fixed for the life of each group: 12 stands for sectors of 4,096 bytes.',
      'Once it is made: "zpool status" shows the same groups, and "zpool scrub" reads all of it.',
    ],
    commands: [
      `zpool create -o ashift=${pool.ashift} ${nameOf(pool)} ${[...words, ...served].join(' ')}`,
    ],
  }
}

const MD_LEVELS = { raid0: '0', raid1: '1', raid10: '10', raid5: '5', raid6: '6' } as const

/** Source: mdadm(8), from memory. */
const fixedStripes: Maker<'fixed-stripes'> = (pool, _services, pathOf) => ({
  comments: [
    'The first synchronisation reads and writes every drive to its end; the array can be used meanwhile.',
    'Write the array into mdadm.conf afterwards, or it may come up under another name.',
  ],
  commands: pool.groups.flatMap(({ kind, driveIds }) => [
    `mdadm --create /dev/md/${nameOf(pool)} --level=${MD_LEVELS[kind]} --raid-devices=${driveIds.length} ${driveIds.map((id) => pathOf(id)).join(' ')}`,
    `mkfs.ext4 -L ${nameOf(pool)} /dev/md/${nameOf(pool)}`,
  ]),
})

/** Source: mkfs.btrfs(8), from memory. */
const CHUNK_WORDS = {
  single: { data: 'single', metadata: 'raid1' },
  'two-copies': { data: 'raid1', metadata: 'raid1' },
  'three-copies': { data: 'raid1c3', metadata: 'raid1c3' },
  'single-parity': { data: 'raid5', metadata: 'raid1' },
  'double-parity': { data: 'raid6', metadata: 'raid1c3' },
} as const

const flexibleChunks: Maker<'flexible-chunks'> = (pool, _services, pathOf) => ({
  comments: ['Metadata is kept in copies also where data has parity.'],
  commands: pool.groups.map(({ kind, driveIds }) => {
    const { data, metadata } = CHUNK_WORDS[kind]
    return `mkfs.btrfs -L ${nameOf(pool)} -d ${data} -m ${metadata} ${driveIds.map((id) => pathOf(id)).join(' ')}`
  }),
})

const parity = (pool: ParityPool, _services: unknown, pathOf: PathOf): PoolCommands => {
  const of = (kind: 'data' | 'parity'): string[] =>
    pool.groups.flatMap((group) => (group.kind === kind ? group.driveIds : []))
  return {
    comments: [
      'Each data drive has a file system of its own and is readable alone.',
      `Parity is made by the program that you use for it, over ${
        of('parity')
          .map((id) => pathOf(id))
          .join(' ') || 'no drive yet'
      }.`,
    ],
    commands: of('data').map(
      (id, index) => `mkfs.ext4 -L ${nameOf(pool)}-${index + 1} ${pathOf(id)}`,
    ),
  }
}

const columns: Maker<'columns'> = (pool) => ({
  comments: [
    `Made with the tools of the system that has such pools: ${pool.columns} columns, parity ${pool.parity}, interleave ${pool.interleaveBytes} bytes.`,
    `Format it with clusters of ${(pool.columns - pool.parity) * pool.interleaveBytes} bytes or a part of that.`,
  ],
  commands: [],
})

const makers: { [Family in Pool['family']]: Maker<Family> } = {
  zfs,
  'fixed-stripes': fixedStripes,
  'flexible-chunks': flexibleChunks,
  'dedicated-parity': parity,
  'scheduled-parity': parity,
  columns,
}

/** The commands that make a pool with what serves it. */
export function poolCommands(
  pool: Pool,
  services: readonly ServiceFigure[],
  pathOf: PathOf,
): PoolCommands {
  // Each maker is only ever given pools of its own family.
  const make = makers[pool.family] as Maker<Pool['family']>
  return make(pool, services, pathOf)
}

/** Source: mkfs.ext4(8), 16 bytes of label, of which a number behind it needs some; from memory. */
const LONGEST_NAME = 12

/** A name that a shell and the file systems take as it is. */
function nameOf({ name }: Pool): string {
  const plain = name.replaceAll(/[^A-Za-z0-9_-]/g, '_').replace(/^[^A-Za-z]+/, '')
  return plain === '' ? 'pool' : plain.slice(0, LONGEST_NAME)
}
