import {
  type BurnInProgress,
  type DriveVerdict,
  type InsteadOfPlan,
  listed,
  type PairDifference,
  type RankedSuspects,
  type SmartReason,
  type Swap,
} from '@flint/core/figures'
import { format } from '../../controls/locale'

export const VERDICT_WORDS: Record<DriveVerdict, string> = {
  good: 'good',
  watch: 'watch it',
  path: 'its way has errors',
  return: 'do not trust it',
  'not known': 'says nothing of its health',
}

/** Where a rule comes from stands beside it. */
const REASON_WORDS: Record<SmartReason, string> = {
  'says it fails': 'it says of itself that it fails',
  'self-test failed': 'its last self-test failed',
  'sectors waiting': 'sectors that wait to be replaced',
  'sectors unreadable': 'sectors that could not be read',
  'flash warns': 'its flash warns',
  'spare used up': 'its spare flash is used up',
  'sectors replaced': 'sectors that were replaced',
  'life used up': 'its life is used up',
  'too warm': 'too warm, °C',
  'interface errors': 'errors on the way to it',
}

/** Shares are told in percent, counts as they are. */
const SHARES: readonly SmartReason[] = ['spare used up', 'life used up']

/** @example reasonWords({ reason: 'sectors waiting', value: 16 }) // 'sectors that wait to be replaced: 16' */
export function reasonWords({
  reason,
  value,
}: {
  reason: SmartReason
  value: number | null
}): string {
  if (value === null) return REASON_WORDS[reason]
  const shown = SHARES.includes(reason) ? format.percent(value) : format.number(value)
  return `${REASON_WORDS[reason]}: ${shown}`
}

/** What of a drive is not as it was planned. */
export function differenceWords(difference: PairDifference): string {
  switch (difference.what) {
    case 'size':
      return `${format.drive(difference.seenBytes)} instead of ${format.drive(difference.plannedBytes)}`
    case 'slow link':
      return `linked at ${format.number(difference.bits / 1e9, 1)} of ${format.number(difference.mostBits / 1e9, 1)} Gb/s`
    case 'firmware':
      return `firmware ${difference.seen}, and ${difference.wanted} is wanted`
    case 'old signature':
      return `still holds ${difference.signatures.join(', ')}: it wants wiping before it is used`
  }
}

/** What to do at the bench next. */
export function swapWords({ how, suspect, decides, ofLikely }: Swap): string {
  const name = lowerCable(suspect.name)
  const todo = {
    'swap drives': `Swap ${name} with a drive that had no errors`,
    'other port': `Move the cable away from ${name} to another one`,
    'other cable and port': `Use another cable and another port in the place of ${name}`,
    replace: `Put another one in the place of ${name}`,
    'other lead': `Feed the same plugs from another lead than ${name}`,
  }[how]
  return `${todo}, and let it run: that decides about ${decides} of ${ofLikely} likely suspects.`
}

/** A chance is never told as certain. */
export function chanceWords(share: number): string {
  const percent = Math.round(share * 100)
  if (percent >= 100) return 'over 99 %'
  return percent === 0 ? 'under 1 %' : `${format.number(percent)} %`
}

const lowerCable = (text: string): string =>
  /^(Cable|Port|Backplane)\b/.test(text)
    ? `the ${text.charAt(0).toLowerCase()}${text.slice(1)}`
    : text

export const hoursText = (hours: number): string => `${format.number(hours, 1)} h`

const KNOWN_BY: Record<BurnInProgress['by'], string> = {
  drive: 'as it says itself',
  hand: 'as it was looked up',
  clock: 'by the clock alone',
}

/** When a drive should be done, and by what that is known: "to end 28 Nov, 10:00, by the clock alone". */
export function burnInWords({ state, by, endsAt }: BurnInProgress): string {
  const at = new Date(endsAt).toLocaleString(format.locale, {
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
  })
  switch (state) {
    case 'ended':
      return `ended ${at}`
    case 'overdue':
      return `takes longer than its rate says, ${KNOWN_BY[by]}: look at its errors and its link`
    case 'running':
      return `to end ${at}, ${KNOWN_BY[by]}`
  }
}

/** What another part changes: "2 TB more, 1.2 W less idle, €20.00 more". */
export function insteadWords({ bytes, idleWatts, priceMinor }: InsteadOfPlan): string {
  const more = (value: number, write: (size: number) => string): string =>
    `${write(Math.abs(value))} ${value > 0 ? 'more' : 'less'}`
  const parts = [
    ...(bytes === null || bytes === 0 ? [] : [more(bytes, format.drive)]),
    ...(idleWatts === null
      ? ['idle watts not known']
      : idleWatts === 0
        ? []
        : [`${more(idleWatts, (watts) => format.watts(watts, 1))} idle`]),
    ...(priceMinor === null || priceMinor.minor === 0
      ? []
      : [more(priceMinor.minor, (minor) => format.money(minor, priceMinor.currency))]),
  ]
  return parts.length === 0 ? 'nothing that is known' : parts.join(', ')
}

/** What to do where more than one is as good as certain: the one that most drives hang on first. Null for fewer. */
export function severalWords(sure: readonly RankedSuspects[]): string | null {
  const drivesOf = ({ suspects }: RankedSuspects): number => suspects[0]?.driveIds.length ?? 0
  const [first, ...others] = sure.toSorted((one, other) => drivesOf(other) - drivesOf(one))
  const [suspect] = first?.suspects ?? []
  if (!suspect || others.length === 0) return null
  const left = others.flatMap(({ suspects }) => suspects[0]?.name ?? [])
  return `Put another one in the place of ${lowerCable(suspect.name)}, which more drives hang on, let it run and ask the machine again; ${listed(left)} should then be left.`
}
