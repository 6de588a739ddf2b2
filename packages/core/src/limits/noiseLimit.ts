import { fanDutyOf } from '../design/air'
import type { Limit } from '../judging/limit'
import { machineNoise } from '../noise/machineNoise'
import type { Amount } from '../units/amount'

interface Facts {
  limitDecibels: number
  decibels: Amount<'dB(A)'>
}

/** How loud it may be, at one metre and idle. */
export const noiseLimit: Limit<'noise', Facts> = {
  id: 'noise',
  title: 'Noise, idle',
  dependsOn: ['chassis', 'supply', 'cooler', 'drives'],
  judge: ({ brief: { noiseLimitDecibels: limitDecibels }, machine, air }) => {
    if (limitDecibels === null) return null
    const decibels = machineNoise(machine, 'spinning', fanDutyOf(air))
    return { bound: { most: limitDecibels }, has: decibels, facts: { limitDecibels, decibels } }
  },
  wanted: ({ facts }, { format }) => `at most ${format.number(facts.limitDecibels, 1)} dB(A)`,
  has: ({ facts: { decibels, limitDecibels } }, { format }) => {
    if (decibels.low === 0) return decibels.missing.length > 0 ? 'not known' : 'silent'
    const [level] = format.apart(decibels.low, limitDecibels, format.number)
    return `${decibels.missing.length > 0 ? 'at least' : 'about'} ${level} dB(A)`
  },
}
