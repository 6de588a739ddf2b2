// How long do the capacity and survival of 60 drives take, and everything that a pile of 24 could be?
import { newDesign, type Pool } from '@flint/core/editing'
import {
  candidates,
  familyOf,
  layoutFamilies,
  type CandidateDrive,
  countedGroups,
  survivalByCounting,
} from '@flint/core/figures'
import { medianMilliseconds } from './median'

const TERABYTES = [4, 6, 8, 12, 16]
const { houseRules } = newDesign('bench')

/** Drives of five sizes, so that nothing is as simple as with equal ones. */
function pile(count: number): CandidateDrive[] {
  return Array.from({ length: count }, (_, index) => ({
    id: `drive-${index + 1}`,
    capacityBytes: (TERABYTES[index % TERABYTES.length] ?? 4) * 1e12,
    outerRateBytesPerSecond: 200e6,
    rpm: 7200,
  }))
}

const sixty = pile(60)
const bytesOf = new Map(sixty.map(({ id, capacityBytes }) => [id, capacityBytes]))
function countPool(pool: Pool): void {
  const family = familyOf(pool)
  family.capacityOf(pool, bytesOf)
  survivalByCounting(countedGroups(family.failureGroups(pool)))
}

const slowest = layoutFamilies
  .flatMap((family) =>
    family.layouts(sixty).flatMap(({ id, pool }) => (pool ? [{ id, pool }] : [])),
  )
  .map(({ id, pool }) => ({
    id: `${pool.family}/${id}`,
    milliseconds: medianMilliseconds(5, () => countPool(pool)),
  }))
  .reduce((worst, one) => (one.milliseconds > worst.milliseconds ? one : worst))
process.stdout.write(
  `capacity and survival of 60 drives: ${slowest.milliseconds.toFixed(1)} ms for the slowest layout, ${slowest.id} (aim: under 5)\n`,
)

const twentyFour = pile(24)
const found = candidates(twentyFour, houseRules).length
const milliseconds = medianMilliseconds(9, () => candidates(twentyFour, houseRules))
process.stdout.write(
  `a pile of 24 drives, ${found} layouts side by side: ${milliseconds.toFixed(0)} ms (aim: under 300)\n`,
)
