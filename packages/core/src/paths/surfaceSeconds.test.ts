import fc from 'fast-check'
import { demoDesign } from '../../fixtures/demo'
import { changeSheet } from '../design/edits/changeSheet'
import { resolveMachine } from '../machine/resolveMachine'
import { scenarioRates } from './scenarioRates'
import { scrub } from './scenarios/scrub'
import { DISK_INNER_SHARE, type Surface, surfaceSeconds } from './surfaceSeconds'

const HOUR = 3_600
const disk = (sizeBytes: number, outerBytesPerSecond: number, jobBytes = sizeBytes): Surface => ({
  sizeBytes,
  outerBytesPerSecond,
  innerShare: DISK_INNER_SHARE,
  jobBytes,
})

describe('whole surfaces', () => {
  // Common practice, no source: 10 TB with 285 MB/s outside take about 13 hours.
  test('10 TB, 285 MB/s outside and half of it inside', () => {
    expect(surfaceSeconds([disk(10e12, 285e6)], Infinity) / HOUR).toBeCloseTo(13.0, 1)
  })

  // Common practice, no source: a mirror of 750 GB with 126 MB/s outside takes about 2.2 hours.
  test('a mirror of 750 GB, 126 MB/s outside', () => {
    const mirror = [disk(750e9, 126e6), disk(750e9, 126e6)]
    expect(surfaceSeconds(mirror, Infinity) / HOUR).toBeCloseTo(2.2, 1)
  })

  test('flash is as quick everywhere', () => {
    const flash = { ...disk(4e12, 500e6), innerShare: 1 }
    expect(surfaceSeconds([flash], Infinity)).toBeCloseTo(8_000, 6)
  })

  test('behind a link slower than the inner edge only the link counts', () => {
    expect(surfaceSeconds([disk(10e12, 285e6)], 100e6)).toBeCloseTo(1e5, 4)
  })

  test('a link between the inner and the outer rate holds back the outer part alone', () => {
    const free = surfaceSeconds([disk(10e12, 200e6)], Infinity)
    const held = surfaceSeconds([disk(10e12, 200e6)], 150e6)
    expect(held).toBeGreaterThan(free)
    // Half of the radius is above 150 MB/s: 7/12 of the bytes at 150 MB/s, the rest as before.
    expect(held).toBeCloseTo(((7 / 12) * 10e12) / 150e6 + free / 2, 3)
  })

  test('a little of a drive is moved at its outer rate', () => {
    expect(surfaceSeconds([disk(300, 2, 1)], Infinity)).toBeCloseTo(0.5, 3)
  })

  test('what slows down is quick until then, and not longer', () => {
    const flash = { ...disk(300, 2), innerShare: 1 }
    // By hand: 100 at 2 and 200 at 1; behind a link of 1.5 the first 100 at that.
    const slowing = { ...flash, slows: { afterBytes: 100, bytesPerSecond: 1 } }
    expect(surfaceSeconds([slowing], Infinity)).toBeCloseTo(250, 9)
    expect(surfaceSeconds([slowing], 1.5)).toBeCloseTo(100 / 1.5 + 200, 9)
    // Never when its job ends there.
    const ending = { ...slowing, jobBytes: 100 }
    expect(surfaceSeconds([ending], Infinity)).toBeCloseTo(50, 9)
  })

  test('nothing to move takes no time', () => {
    expect(surfaceSeconds([disk(10e12, 200e6, 0)], 0)).toBe(0)
    expect(surfaceSeconds([], Infinity)).toBe(0)
    expect(surfaceSeconds([disk(10e12, 200e6, 0)], 1e6)).toBe(0)
  })

  // 3 × 4 TB and 16 TB in one group: of the large one only the outer 4 TB are read.
  test('what is not touched takes no time, and the outer part goes faster than the mean', () => {
    const small = surfaceSeconds([disk(4e12, 200e6)], Infinity)
    const outer = surfaceSeconds([disk(16e12, 200e6, 4e12)], Infinity)
    expect(outer).toBeLessThan(small)
    expect(outer).toBeGreaterThan(4e12 / 200e6)
    const mixed = surfaceSeconds([disk(4e12, 200e6), disk(16e12, 200e6, 4e12)], Infinity)
    expect(mixed).toBeCloseTo(small, 6)
  })
})

const anySurface = fc
  .record({
    sizeBytes: fc.integer({ min: 1, max: 20 }),
    outer: fc.integer({ min: 50, max: 600 }),
    innerShare: fc.constantFrom(1, 0.5, 0.45, 0.8),
    part: fc.double({ min: 0.05, max: 1, noNaN: true }),
  })
  .map(({ sizeBytes, outer, innerShare, part }): Surface => ({
    sizeBytes: sizeBytes * 1e12,
    outerBytesPerSecond: outer * 1e6,
    innerShare,
    jobBytes: sizeBytes * 1e12 * part,
  }))
const anyDrives = fc.array(anySurface, { minLength: 1, maxLength: 6 })
const anyLink = fc.oneof(
  fc.constant(Infinity),
  fc.integer({ min: 20, max: 800 }).map((mb) => mb * 1e6),
)

/**
 * The same by turning the disk: on every one of many thin rings of the radius, a straight line in it, the rate and the
 * bytes. Byte by byte the slowest of all.
 */
function byRings(drives: readonly Surface[], link: number): number {
  const rateAt = (
    { sizeBytes, outerBytesPerSecond, innerShare }: Surface,
    bytes: number,
  ): number => {
    // Bytes behind radius u: outer · (u − (1 − inner) u² / 2), of all at u = 1.
    const mean = (1 + innerShare) / 2
    const behind = (u: number): number => (u - ((1 - innerShare) * u ** 2) / 2) / mean
    let [low, high] = [0, 1]
    for (let step = 0; step < 50; step += 1) {
      const middle = (low + high) / 2
      if (behind(middle) < bytes / sizeBytes) low = middle
      else high = middle
    }
    return outerBytesPerSecond * (1 - (1 - innerShare) * low)
  }
  const end = Math.max(...drives.map(({ jobBytes }) => jobBytes))
  const steps = 3_000
  let seconds = 0
  for (let step = 0; step < steps; step += 1) {
    const bytes = ((step + 0.5) * end) / steps
    const rates = drives
      .filter(({ jobBytes }) => jobBytes >= bytes)
      .map((one) => rateAt(one, bytes))
    seconds += end / steps / Math.min(link, ...rates)
  }
  return seconds
}

describe('against numerical integration', () => {
  test('any drives behind any link', () => {
    fc.assert(
      fc.property(anyDrives, anyLink, (drives, link) => {
        expect(surfaceSeconds(drives, link) / byRings(drives, link)).toBeCloseTo(1, 2)
      }),
      { numRuns: 40 },
    )
  })

  test('a narrower link, a slower drive or more to move never makes it shorter', () => {
    fc.assert(
      fc.property(
        anyDrives,
        anyLink,
        fc.double({ min: 0.1, max: 0.99, noNaN: true }),
        (drives, link, less) => {
          const before = surfaceSeconds(drives, link)
          const nearly = before * (1 - 1e-9)
          const narrower = Number.isFinite(link) ? link * less : 300e6 * less
          expect(surfaceSeconds(drives, narrower)).toBeGreaterThanOrEqual(nearly)
          const [first, ...others] = drives
          if (!first) return
          const slower = { ...first, outerBytesPerSecond: first.outerBytesPerSecond * less }
          expect(surfaceSeconds([slower, ...others], link)).toBeGreaterThanOrEqual(nearly)
          const smallerJob = { ...first, jobBytes: first.jobBytes * less }
          expect(surfaceSeconds([smallerJob, ...others], link)).toBeLessThanOrEqual(
            before * (1 + 1e-9),
          )
        },
      ),
      { numRuns: 200 },
    )
  })

  test('the order of the drives changes nothing', () => {
    fc.assert(
      fc.property(anyDrives, anyLink, (drives, link) => {
        expect(surfaceSeconds([...drives].reverse(), link)).toBeCloseTo(
          surfaceSeconds(drives, link),
          0,
        )
      }),
      { numRuns: 100 },
    )
  })
})

test('a drive that gives its own inner rate is gone over by it', () => {
  const hours = (innerRateBytesPerSecond: number | null): number => {
    const design = demoDesign('cabin-archive')
    const changed = design.snapshots.reduce(
      (before, { id, sheet }) =>
        sheet.kind === 'drive' && sheet.formFactor === '3.5'
          ? changeSheet(before, id, { outerRateBytesPerSecond: 240e6, innerRateBytesPerSecond })
          : before,
      design,
    )
    return (scenarioRates(changed, resolveMachine(changed), scrub).seconds ?? 0) / 3_600
  }
  // By hand: as much time is spent on each radius, so the mean rate is that of the middle: (240 + 120) / 2 = ¾ of 240.
  expect(hours(120e6)).toBeCloseTo(hours(null), 9)
  expect(hours(240e6) / hours(null)).toBeCloseTo(0.75, 6)
  expect(hours(60e6)).toBeGreaterThan(hours(120e6))
})
