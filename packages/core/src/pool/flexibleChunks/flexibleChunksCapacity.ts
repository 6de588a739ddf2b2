import { certain } from '../../units/certain'
import { type ChunkProfile, PROFILES } from '../../design/pools/flexibleChunksPool'
import { floorDivide } from '../../units/floorDivide'
import { allocateWidest } from '../allocation/allocateWidest'
import { type FamilyCapacity, sumOf } from '../familyCapacity'
import { PoolError } from '../poolError'

/**
 * What does a pool of chunks over devices of mixed sizes hold?
 *
 * Only whole chunks count. Copies go to the devices with most free space; a parity profile stripes each
 * chunk over every device that still has room, so that the stripes get narrower as small devices fill.
 *
 * @param chunkBytes bytes that one chunk takes of each of its devices
 * @throws PoolError naming `members` when there are too few with room for a chunk
 * Source: the allocation of a copy-on-write file system with profiles by chunk, from memory; metadata of
 * its own comes on top. Two copies agree with min(half the sum, sum less the largest).
 * @example flexibleChunksCapacity('two-copies', 1, [4, 2, 2]).usableBytes // 4
 */
export function flexibleChunksCapacity(
  profile: ChunkProfile,
  chunkBytes: number,
  members: readonly number[],
): FamilyCapacity {
  const { fewest, tolerates, parity } = PROFILES[profile]
  const chunks = members.map((bytes) => floorDivide(bytes, chunkBytes))
  if (chunks.filter((count) => count > 0).length < fewest) {
    throw new PoolError('members', {
      code: 'too-few-members-with-room',
      kind: profile,
      least: fewest,
    })
  }
  const { dataChunks, used } = parity
    ? stripedOverAll(chunks, fewest, tolerates)
    : copied(chunks, fewest)
  return {
    rawBytes: sumOf(members),
    usableBytes: dataChunks * chunkBytes,
    strandedBytes: members.map((bytes, index) => bytes - certain(used[index]) * chunkBytes),
  }
}

function copied(chunks: readonly number[], copies: number): { dataChunks: number; used: number[] } {
  const { rounds, used } = allocateWidest(chunks, copies)
  return { dataChunks: rounds, used }
}

/** Layer by layer: all devices that still have room, until the smallest of them is full. */
function stripedOverAll(
  chunks: readonly number[],
  fewest: number,
  parity: number,
): { dataChunks: number; used: number[] } {
  let dataChunks = 0
  let level = 0
  for (;;) {
    const withRoom = chunks.filter((count) => count > level)
    if (withRoom.length < fewest) break
    const next = Math.min(...withRoom)
    dataChunks += (next - level) * (withRoom.length - parity)
    level = next
  }
  return { dataChunks, used: chunks.map((count) => Math.min(count, level)) }
}
