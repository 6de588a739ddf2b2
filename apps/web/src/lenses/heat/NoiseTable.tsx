import { type Design, fanDutyOf } from '@flint/core/editing'
import {
  dutyFor,
  type Machine,
  machineNoise,
  NOISE_STATES,
  type NoiseState,
} from '@flint/core/figures'
import { useMemo } from 'react'
import { format } from '../../controls/locale'

const STATE_WORDS: Record<NoiseState, string> = {
  asleep: 'Disks asleep',
  spinning: 'Disks spinning',
  scrub: 'All disks at work',
  starting: 'Starting, fans at full speed',
}

/** How loud the machine is in each state, with the fans as they are set and as heat asks for. */
export function NoiseTable({ design, machine }: { design: Design; machine: Machine }) {
  const { roomCelsius, noiseLimitDecibels } = design.brief
  const { driveCelsiusAdvised } = design.houseRules
  const duty = fanDutyOf(design.air)
  const asked = useMemo(
    () =>
      roomCelsius === null
        ? null
        : dutyFor(design, machine, driveCelsiusAdvised - roomCelsius, 'likely'),
    [design, machine, roomCelsius, driveCelsiusAdvised],
  )
  const level = (state: NoiseState, at: number): string => {
    const { likely, missing } = machineNoise(machine, state, at)
    if (likely === 0) return missing.length > 0 ? 'not known' : 'silent'
    return `${missing.length > 0 ? 'at least ' : ''}${format.number(likely)} dB(A)`
  }
  return (
    <section aria-label="Noise">
      <h2>
        Noise
        <span className="aside">
          dB(A) at one metre
          {noiseLimitDecibels !== null && `; the brief allows ${format.number(noiseLimitDecibels)}`}
        </span>
      </h2>
      <table className="lined">
        <thead>
          <tr>
            <th scope="col">While</th>
            <th scope="col">Fans at {format.percent(duty)}</th>
            {asked !== null && <th scope="col">At {format.percent(asked)}, as heat asks for</th>}
          </tr>
        </thead>
        <tbody>
          {NOISE_STATES.map((state) => (
            <tr key={state} data-noise={state}>
              <th scope="row">{STATE_WORDS[state]}</th>
              <td>{level(state, duty)}</td>
              {asked !== null && <td>{level(state, asked)}</td>}
            </tr>
          ))}
        </tbody>
      </table>
      <p className="soft">
        {asked === null && roomCelsius !== null
          ? `Even at full speed the warmest drives are likely to get over ${format.number(driveCelsiusAdvised)} °C. `
          : ''}
        Levels add by their power; rooms, feet and walls change them by several decibels.
      </p>
    </section>
  )
}
