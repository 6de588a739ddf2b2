import { cataloguedPart } from '../catalogue/cataloguedPart'
import type { CataloguePart } from '../catalogue/partKinds'
import { fanDutyOf } from '../design/air'
import type { Design } from '../design/design'
import { applyEdit, type Edit } from '../design/edits/edit'
import { airFlow } from '../heat/airFlow'
import { largestFanMm } from '../heat/casedFans'
import { dutyFor } from '../heat/dutyFor'
import { HOTTEST_STATE, machineHeat } from '../heat/machineHeat'
import { warmestRow } from '../heat/warmestRow'
import { type Machine, pieceOf, piecesOf } from '../machine/machine'
import { resolveMachine } from '../machine/resolveMachine'
import { machineNoise } from '../noise/machineNoise'
import { partCost } from './partCost'

/** Something that changes how warm the drives get, and how loud the machine is. */
export interface CoolingWay {
  what:
    | 'close the gap'
    | 'clean the filters'
    | 'uncover the vents'
    | 'cover on'
    | 'fan speed'
    | 'another fan'
    | 'other fans'
  edit: Edit
  /** How much warmer the warmest drives get, K, likely; less than 0 when it cools. */
  kelvin: number
  /** How much louder it gets with its disks spinning, dB. */
  decibels: number
  /** Minor units; null where a price is not known. */
  costMinor: number | null
  /** Share of full speed, for `fan speed`. */
  duty: number | null
  /** For a fan of the catalogue. */
  slug: string | null
}

/** Changes that nobody would feel or hear. */
const WORTH_KELVIN = 0.3
const WORTH_DECIBELS = 0.5
/** Of a catalogue, so many fans are tried. */
const MOST_FANS = 40

/**
 * What would cool the drives, or make the machine quieter, and what does each cost?
 *
 * Each way is tried alone, by itself. Fans of the catalogue are tried beside those that are there where a place of their
 * size is left, and in the place of those of the same size that were added.
 *
 * @returns the greatest change first
 */
export function coolingWays(
  design: Design,
  machine: Machine,
  parts: readonly CataloguePart[],
): CoolingWay[] {
  const before = stateOf(design, machine)
  const way = (
    what: CoolingWay['what'],
    edit: Edit,
    more: Partial<Pick<CoolingWay, 'costMinor' | 'duty' | 'slug'>> = {},
  ): CoolingWay => {
    const after = applyEdit(design, edit)
    const state = stateOf(after, resolveMachine(after, machine))
    return {
      what,
      edit,
      kelvin: state.kelvin - before.kelvin,
      decibels: state.decibels - before.decibels,
      costMinor: 0,
      duty: null,
      slug: null,
      ...more,
    }
  }
  return [
    ...settings(design, machine).map(({ what, edit, duty }) => way(what, edit, { duty })),
    ...fanEdits(machine, parts).map(({ what, edit, part, pieces }) =>
      way(what, edit, {
        slug: part.slug,
        costMinor: partCost(part, pieces, design.brief.currency),
      }),
    ),
  ]
    .filter(
      ({ kelvin, decibels }) =>
        Math.abs(kelvin) >= WORTH_KELVIN || Math.abs(decibels) >= WORTH_DECIBELS,
    )
    .toSorted((one, other) => one.kelvin - other.kelvin)
}

function stateOf(design: Design, machine: Machine): { kelvin: number; decibels: number } {
  const heat = machineHeat(design, machine, airFlow(machine, design.air), HOTTEST_STATE)
  return {
    kelvin: warmestRow(heat)?.kelvin.likely ?? 0,
    decibels: machineNoise(machine, 'spinning', fanDutyOf(design.air)).likely,
  }
}

interface Setting {
  what: CoolingWay['what']
  edit: Edit
  duty: number | null
}

function settings(design: Design, machine: Machine): Setting[] {
  const { air, brief, houseRules } = design
  const flow = airFlow(machine, air)
  const ways: Setting[] = []
  if (flow && flow.backThroughGap.likely > 0) {
    ways.push({
      what: 'close the gap',
      edit: { do: 'change-air', change: { gapClosed: true } },
      duty: null,
    })
  }
  if (air.filters !== 'clean') {
    ways.push({
      what: 'clean the filters',
      edit: { do: 'change-air', change: { filters: 'clean' } },
      duty: null,
    })
  }
  if (air.ventsCovered) {
    ways.push({
      what: 'uncover the vents',
      edit: { do: 'change-air', change: { ventsCovered: false } },
      duty: null,
    })
  }
  if (air.cover === 'off') {
    ways.push({ what: 'cover on', edit: { do: 'change-air', change: { cover: 'on' } }, duty: null })
  }
  if (brief.roomCelsius !== null && flow && flow.fans.length > 0) {
    const duty = dutyFor(
      design,
      machine,
      houseRules.driveCelsiusAdvised - brief.roomCelsius,
      'likely',
    )
    const rounded = duty === null ? 1 : Math.ceil(duty * 20) / 20
    if (rounded !== fanDutyOf(air)) {
      ways.push({
        what: 'fan speed',
        edit: { do: 'change-air', change: { fanDuty: rounded } },
        duty: rounded,
      })
    }
  }
  return ways
}

interface FanEdit {
  what: CoolingWay['what']
  edit: Edit
  part: CataloguePart
  pieces: number
}

function fanEdits(machine: Machine, parts: readonly CataloguePart[]): FanEdit[] {
  const chassis = pieceOf(machine, 'chassis')?.dataSheet
  if (!chassis) return []
  const present = piecesOf(machine, 'fan')
  const places = chassis.fanPlaces?.slice((chassis.fanCount ?? 0) + present.length) ?? null
  const largest = largestFanMm(chassis.heightMm)
  return parts
    .filter(({ sheet }) => sheet.kind === 'fan')
    .slice(0, MOST_FANS)
    .flatMap((part): FanEdit[] => {
      const { sheet } = part
      if (sheet.kind !== 'fan') return []
      const chosen = cataloguedPart(part)
      const hasPlace = places
        ? places.some(({ sizeMm }) => sizeMm === sheet.sizeMm)
        : sheet.sizeMm <= largest
      const others = present.filter(
        ({ dataSheet }) =>
          dataSheet.sizeMm === sheet.sizeMm &&
          (dataSheet.model !== sheet.model || dataSheet.maker !== sheet.maker),
      )
      const found: FanEdit[] = []
      if (hasPlace) {
        const edit: Edit = { do: 'fit', part: chosen, beside: true }
        found.push({ what: 'another fan', edit, part, pieces: 1 })
      }
      if (others.length > 0) {
        const edit: Edit = {
          do: 'several',
          what: `${others.length} × ${sheet.model} instead`,
          edits: [
            { do: 'remove', partIds: others.map(({ id }) => id) },
            ...others.map(() => ({ do: 'fit' as const, part: chosen, beside: true })),
          ],
        }
        found.push({ what: 'other fans', edit, part, pieces: others.length })
      }
      return found
    })
}
