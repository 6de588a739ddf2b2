import { z } from 'zod'
import { KIB, MIB } from '../../units/bytes'
import type { Layout, LayoutFamily, SizedDrive, Traits } from '../layoutFamily'
import { byDrive, largestFirst, sizesOf } from '../driveSizes'
import { PLACEHOLDER_POOL, withPlaceholderIds } from '../../design/pools/placeholderPool'
import { type ColumnDesignPool, columnParity, columnsShape } from '../../design/pools/columnsPool'
import { pieceBytes } from '../../design/pools/poolFields'
import { readModifyWriteLoad } from '../readModifyWriteLoad'
import { PoolError } from '../poolError'
import { MOST_MEMBERS, requestMembers } from '../requestMembers'
import { survivalByCounting } from '../survival/survivalByCounting'
import { columnsCapacity } from './columnsCapacity'

const request = z.strictObject({
  family: z.literal('columns'),
  columns: z.int().min(1).max(MOST_MEMBERS),
  parity: columnParity,
  slabBytes: pieceBytes,
  interleaveBytes: pieceBytes,
  members: requestMembers,
})

const PARITY_WORDS = ['no parity', 'single parity', 'double parity'] as const

/** More columns than this are seldom made: each write touches all of them. Common practice. */
const MOST_USUAL_COLUMNS = 12

/** Slabs over a fixed number of columns, on whichever drives have most room. */
export const columnsFamily: LayoutFamily<ColumnDesignPool, z.infer<typeof request>> = {
  ...columnsShape,
  title: 'Column pool',
  about:
    'Mixed sizes behind a fixed number of columns; quick only when formatted with the right cluster.',
  source:
    'Slab by slab over the drives with most room, checked against brute force. The advice on the cluster is common practice, no source.',
  groupWords: () => ({ label: 'slabs over columns', nativeName: 'columns' }),
  capacityOf: (pool, bytesOf) => {
    const [group] = pool.groups
    if (!group) throw new PoolError('members', { code: 'no-members', of: 'pool' })
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
  beyond: 'pool',
  traits,
  layouts,
  request,
  answer: (pool) => ({
    ...columnsCapacity(pool),
    survival: survivalByCounting([{ width: pool.members.length, tolerates: pool.parity }]),
  }),
}

function traits(pool: ColumnDesignPool): Traits {
  const width = pool.groups[0]?.driveIds.length ?? 0
  return {
    streamingDrives: Math.max(0, pool.columns - pool.parity),
    writing: {
      drives: pool.columns,
      loadEach: 1 / (pool.columns - pool.parity),
      parityLoadEach: 0,
      othersLoadEach: 0,
    },
    // So it is as well for whole files when the clusters of the file system are not one row.
    writingInPieces: {
      drives: pool.columns,
      loadEach:
        pool.parity > 0 ? readModifyWriteLoad(pool.parity) / pool.columns : 1 / pool.columns,
      parityLoadEach: 0,
      othersLoadEach: 0,
    },
    randomDrives: width,
    // Each slab of a large file takes other drives, and so does parity.
    spinningToRead: () => width,
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
    countsFileSystem: false,
    readsOnlyStored: true,
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
          ...PLACEHOLDER_POOL,
          family: 'columns',
          columns,
          parity: withParity,
          slabBytes: 256 * MIB,
          interleaveBytes: 64 * KIB,
          groups: withPlaceholderIds([{ kind: 'columns' as const, driveIds }]),
        },
        reason: null,
        usual: columns === most || columns === 5,
      })
    }
  }
  return found
}

function wordsFor(columns: number, withParity: 1 | 2): { title: string; nativeName: string } {
  return {
    title: `${columns} columns, ${PARITY_WORDS[withParity]}`,
    nativeName: `${columns} columns`,
  }
}
