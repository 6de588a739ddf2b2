import type { SmartReading } from './collected/seenMachine'

/** What speaks against a drive, or against the way to it. */
export const SMART_REASONS = [
  'says it fails',
  'self-test failed',
  'sectors waiting',
  'sectors unreadable',
  'flash warns',
  'spare used up',
  'sectors replaced',
  'life used up',
  'too warm',
  'interface errors',
] as const
export type SmartReason = (typeof SMART_REASONS)[number]

/** `return`: send it back, or do not trust it. `watch`: look again. `path`: the drive may be good, its way is not. */
export type DriveVerdict = 'good' | 'watch' | 'path' | 'return' | 'not known'

export interface JudgedDrive {
  verdict: DriveVerdict
  /** The gravest first, each with the value that it rests on. */
  reasons: { reason: SmartReason; value: number | null }[]
}

/** Warmer than this it wears out sooner. Common practice, no source; makers allow 60. */
export const WARM_CELSIUS = 50

/**
 * Is a drive to be trusted after its burn-in?
 *
 * With a reading from before, only what has come since counts against counters that never fall, so that a used drive
 * is not sent back for an old cable. Rules, all common practice, no source, but for what the drive itself concludes
 * (ACS-4: SMART RETURN STATUS) and the warning bits of flash (NVMe base specification), both from memory: sectors that
 * wait or cannot be read, a failed self-test: return. Replaced sectors: watch, and return where they grow. Interface
 * errors: the way to it.
 *
 * @returns `not known` where the drive says none of what the rules ask for
 */
export function driveVerdict(now: SmartReading, before: SmartReading | null = null): JudgedDrive {
  const since = (name: 'reallocated' | 'uncorrectable' | 'interfaceErrors'): number | null => {
    const value = now[name]
    return value === null ? null : Math.max(0, value - (before?.[name] ?? 0))
  }
  const replaced = now.reallocated ?? 0
  const grown = before === null ? 0 : (since('reallocated') ?? 0)
  const found: [SmartReason, DriveVerdict, boolean, number | null][] = [
    ['says it fails', 'return', now.passed === false, null],
    ['self-test failed', 'return', now.selfTestPassed === false, null],
    ['sectors waiting', 'return', (now.pending ?? 0) > 0, now.pending],
    ['sectors unreadable', 'return', (since('uncorrectable') ?? 0) > 0, since('uncorrectable')],
    ['flash warns', 'return', (now.criticalWarning ?? 0) > 0, now.criticalWarning],
    ['spare used up', 'return', isSpareUsedUp(now), now.spareShare],
    ['sectors replaced', grown > 0 ? 'return' : 'watch', replaced > 0, now.reallocated],
    ['life used up', 'watch', (now.usedShare ?? 0) >= 1, now.usedShare],
    ['too warm', 'watch', (now.celsius ?? 0) > WARM_CELSIUS, now.celsius],
    ['interface errors', 'path', (since('interfaceErrors') ?? 0) > 0, since('interfaceErrors')],
  ]
  const held = found.filter(([, , holds]) => holds)
  const reasons = held.map(([reason, , , value]) => ({ reason, value }))
  const verdicts = new Set(held.map(([, verdict]) => verdict))
  const worst = (['return', 'watch', 'path'] as const).find((verdict) => verdicts.has(verdict))
  if (worst) return { verdict: worst, reasons }
  const isTold = now.passed !== null || now.pending !== null || now.criticalWarning !== null
  return { verdict: isTold ? 'good' : 'not known', reasons }
}

const isSpareUsedUp = ({ spareShare, leastSpareShare }: SmartReading): boolean =>
  spareShare !== null && leastSpareShare !== null && spareShare < leastSpareShare
