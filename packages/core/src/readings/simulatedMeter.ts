import type { Design } from '../design/design'
import type { MachineStateId } from '../design/brief'
import { resolveMachine } from '../machine/resolveMachine'
import { statePowers } from '../power/statePowers'

/** What the simulated machine does, over and over: seconds, and the state. */
const STORY: readonly (readonly [seconds: number, state: MachineStateId])[] = [
  [40, 'starting'],
  [120, 'firmware'],
  [900, 'spinning'],
  [600, 'one reader'],
  [600, 'spinning'],
  [1_200, 'asleep'],
  [20, 'starting'],
  [600, 'all readers'],
  [520, 'spinning'],
]
const STORY_SECONDS = STORY.reduce((sum, [seconds]) => sum + seconds, 0)

/** Supplies and memory draw more while they are cold; a twentieth more at first, most of it gone in ten minutes. */
const COLD = { share: 0.05, seconds: 240 }
/** A meter for the socket flickers by about a hundredth. */
const NOISE_SHARE = 0.01

export interface SimulatedReading {
  watts: number
  state: MachineStateId
}

/**
 * A meter that is none: it shows what the design is likely to draw, with warm-up, noise, a reader who comes and disks
 * that fall asleep, so that everything that takes readings can be tried without a machine. The same second always shows
 * the same watts.
 *
 * @returns what it shows after so many seconds; null without a supply
 */
export function simulatedMeter(design: Design): ((seconds: number) => SimulatedReading) | null {
  const powerIn = statePowers(design, resolveMachine(design))
  if (!powerIn('spinning').wall) return null
  return (seconds) => {
    const state = stateAt(seconds % STORY_SECONDS)
    const likely = powerIn(state).wall?.likely ?? 0
    const cold = 1 + COLD.share * Math.exp(-seconds / COLD.seconds)
    const watts = likely * cold * (1 + NOISE_SHARE * flicker(seconds))
    return { watts: Math.round(watts * 10) / 10, state }
  }
}

function stateAt(seconds: number): MachineStateId {
  let left = seconds
  for (const [lasts, state] of STORY) {
    if (left < lasts) return state
    left -= lasts
  }
  return 'spinning'
}

/** Between −1 and 1, and the same for the same second: the broken part of a large sine. */
function flicker(seconds: number): number {
  const large = Math.sin(seconds * 12.9898 + 4.1414) * 43_758.5453
  return 2 * (large - Math.floor(large)) - 1
}
