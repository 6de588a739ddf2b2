import { z } from 'zod'
import { KIB, MIB } from '../../units/bytes'
import type { Layout, LayoutFamily, SizedDrive, Traits } from '../layoutFamily'
import { byDrive, largestFirst, sizesOf } from '../driveSizes'
import { THOUGHT, thoughtOf } from '../thoughtPool'
import { groupOf, pieceBytes, poolFields } from '../poolFields'
import { PoolError } from '../poolError'
import { MOST_MEMBERS, requestMembers } from '../requestMembers'
import { survivalByCounting } from '../survival/survivalByCounting'
import { columnsCapacity } from './columnsCapacity'

const parity = z.union([z.literal(0), z.literal(1), z.literal(2)])

const schema = z.strictObject({
  ...poolFields,
  family: z.literal('columns'),
  columns: z.int().min(1).max(MOST_MEMBERS),
  parity,
  slabBytes: pieceBytes.default(256 * MIB),
  interleaveBytes: pieceBytes.default(64 * KIB),
  groups: z.array(groupOf(['columns'])).max(1),
})
type ColumnDesignPool = z.infer<typeof schema>

const request = z.strictObject({
  family: z.literal('columns'),
  columns: z.int().min(1).max(MOST_MEMBERS),
  parity,
  slabBytes: pieceBytes,
  interleaveBytes: pieceBytes,
  members: requestMembers,
})

const PARITY_WORDS = ['no parity', 'single parity', 'double parity'] as const

/** More columns than this are seldom made: each write touches all of them. Common practice. */
const MOST_USUAL_COLUMNS = 12

/** Slabs over a fixed number of columns, on whichever drives have most room. */
export const columnsFamily: LayoutFamily<ColumnDesignPool, z.infer<typeof request>> = {
  family: 'columns',
  title: 'Column pool',
  about:
    'Mixed sizes behind a fixed number of columns; quick only when formatted with the right cluster.',
  source:
    'Slab by slab over the drives with most room, checked against brute force. The advice on the cluster is common practice, no source.',
  schema,
  groupWords: () => ({ plainName: 'slabs over columns', ownWords: 'columns' }),
  fewestMembers: () => 1,
  capacityOf: (pool, bytesOf) => {
    const [group] = pool.groups
    if (!group) throw new PoolError('members', 'A pool needs members.')
    const capacity = columnsCapacity({ ...pool, members: sizesOf(group, bytesOf) })
    return {
      rawBytes: capacity.rawBytes,
      poolSizeBytes: null,
      availableBytes: capacity.usableBytes,
      strandedByDrive: byDrive(
        group.driveIds,
        capacity.strandedBytes.map((bytes) => (bytes < pool.slabBytes ? 0 : bytes)),
      ),
      clusterBytes: capacity.clusterBytes,
    }
  },
  idleBecause: () => 'too few other drives have room for another slab',
  blamedGroup: ({ groups }) => groups[0]?.id ?? null,
  // Which slabs share which drives is not fixed, so any more failures may hit some of them.
  failureSets: (pool) =>
    pool.groups.map(({ id, driveIds }) => ({
      groupIds: [id],
      driveIds,
      bears: driveIds.length < pool.columns ? 0 : pool.parity,
      by: pool.parity === 0 ? 'nothing' : 'parity',
    })),
  beyond: 'pool',
  traits,
  layouts,
  request,
  answer: (pool) => ({
    ...columnsCapacity(pool),
    survival: survivalByCounting([{ width: pool.members.length, bears: pool.parity }]),
  }),
}

function traits(pool: ColumnDesignPool): Traits {
  const width = pool.groups[0]?.driveIds.length ?? 0
  return {
    streamingDrives: Math.max(0, pool.columns - pool.parity),
    randomDrives: width,
    spinningToRead: () => Math.max(0, pool.columns - pool.parity),
    growthDrives: pool.columns,
    grows: 'By as many drives as there are columns, so that new slabs find room on all of them.',
    shrinks: 'Take a drive out while the others have room for its slabs.',
    readableAlone: 'No: rows lie over all columns.',
    writeHole:
      pool.parity === 0
        ? { exposed: false, words: 'None: there is no parity.', remedies: [] }
        : {
            exposed: true,
            words: 'A row that is written in part may lose its parity in a power cut.',
            remedies: [
              'a journal on drives with power-loss protection',
              'clusters of a whole row, so that rows are written at once',
              'a UPS',
            ],
          },
    smallWrite:
      pool.parity === 0
        ? { reads: 0, writes: 1 }
        : { reads: 1 + pool.parity, writes: 1 + pool.parity },
    parityDrive: null,
    checksums: false,
    compresses: false,
    warning: null,
  }
}

function layouts(drives: readonly SizedDrive[]): Layout<ColumnDesignPool>[] {
  const driveIds = largestFirst(drives)
  const most = Math.min(driveIds.length, MOST_USUAL_COLUMNS)
  const found: Layout<ColumnDesignPool>[] = []
  for (const withParity of [1, 2] as const) {
    const fewest = withParity + 2
    if (most < fewest) {
      found.push({
        id: `columns-${fewest}-${withParity}`,
        ...wordsFor(fewest, withParity),
        pool: null,
        reason: `${fewest} columns need at least ${fewest} drives.`,
        usual: true,
      })
    }
    for (let columns = fewest; columns <= most; columns += 1) {
      found.push({
        id: `columns-${columns}-${withParity}`,
        ...wordsFor(columns, withParity),
        pool: {
          ...THOUGHT,
          family: 'columns',
          columns,
          parity: withParity,
          slabBytes: 256 * MIB,
          interleaveBytes: 64 * KIB,
          groups: thoughtOf([{ kind: 'columns' as const, driveIds }]),
        },
        reason: null,
        usual: columns === most || columns === 5,
      })
    }
  }
  return found
}

function wordsFor(columns: number, withParity: 1 | 2): { title: string; ownWords: string } {
  return {
    title: `${columns} columns, ${PARITY_WORDS[withParity]}`,
    ownWords: `${columns} columns`,
  }
}
