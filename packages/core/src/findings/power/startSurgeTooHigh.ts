import type { Found, Lack } from '../../judging/finding'
import { found, lack } from '../../judging/finding'
import type { Given } from '../../judging/given'
import type { Rule } from '../../judging/rule'
import type { Rail } from '../../power/startCurve'
import { startInGroups } from '../../power/startInGroups'
import { startSurge } from '../../power/startSurge'
import type { Formatter } from '../../units/formatter'

export interface SurgeFacts {
  amps: number
  ratedAmps: number
  /** Null for all of them. */
  drivesAtOnce: number | null
}

/** The start asks more of the rails of one voltage than they carry; drives in groups ask less. */
export function surgeFindings(
  { machine, spinUp, startCurve }: Pick<Given, 'machine' | 'spinUp' | 'startCurve'>,
  rail: Rail,
): (Found<SurgeFacts> | Lack)[] {
  const surge = startSurge(machine, spinUp, rail, startCurve)
  if (!surge) return []
  const { amps, ratedAmps, missing } = surge
  const isRated = !missing.some(({ field }) => field.startsWith('rated'))
  if (amps > ratedAmps && isRated) {
    const groups = startInGroups(machine)
    const fix = groups && { do: 'start-drives' as const, spinUp: groups }
    const facts = { amps, ratedAmps, drivesAtOnce: spinUp?.drivesAtOnce ?? null }
    return [found('blocks', {}, facts, { fix })]
  }
  const partIds = [...new Set(missing.flatMap(({ pieceId }) => pieceId ?? []))]
  return missing.length > 0 ? [lack(missing, { partIds })] : []
}

/** @param volts of the rail, and what kind of supply would carry it */
export function surgeSentence(
  { amps, ratedAmps, drivesAtOnce }: SurgeFacts,
  format: Formatter,
  volts: string,
  supply: 'a larger' | 'another',
): string {
  const [takes, carries] = format.apart(amps, ratedAmps, format.amps, 1)
  const isGrouped = drivesAtOnce !== null
  const who = isGrouped
    ? `${format.counted(drivesAtOnce, 'drive')} at a time`
    : 'all drives at once'
  return `Starting ${who} takes ${takes} at ${volts}; the supply carries ${carries}${supply === 'another' ? ' there' : ''}. Start them in ${isGrouped ? 'smaller ' : ''}groups or take ${supply} supply.`
}

/** Drives that start together ask more of the 12 V rails than they carry. */
export const startSurgeTooHigh: Rule<'start-surge-too-high', SurgeFacts> = {
  code: 'start-surge-too-high',
  step: 'drives',
  find: (given) => surgeFindings(given, 'twelve'),
  sentence: (facts, { format }) => surgeSentence(facts, format, '12 V', 'a larger'),
  question: 'whether the supply can start all drives at once',
}
