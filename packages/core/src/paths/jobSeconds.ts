import type { Machine } from '../machine/machine'
import { directedLinks } from './directedLinks'
import { jobSurfaces, type JobSurfaces } from './jobSurfaces'
import { type Flow, maxMinFair } from './maxMinFair'
import type { ScenarioDesign, ScenarioFlows } from './scenarios/scenario'
import { surfaceSeconds } from './surfaceSeconds'

export interface JobSeconds {
  /** How long the job takes, with full pools where it goes over drives; null when it has no end. */
  seconds: number | null
  /** The same with what is stored today; null where that is not known, or is no less. */
  secondsToday: number | null
}

/** The rate of a flow at the outer edge of its drives. */
export interface FlowRate {
  bytesPerSecond: number
  /** Whether a drive holds it back there, so that links have more for it. */
  isHeldByDrive: boolean
}

/**
 * How long does a job take, which is over when the slowest of its flows is?
 *
 * Over drives each flow goes as fast as its slowest drive at that place, or as its share of the links: what it would
 * have if no drive held anything back, or more where others leave it more. So a narrower link never makes it shorter.
 */
export function jobSeconds(
  design: ScenarioDesign,
  machine: Machine,
  { flows, bytesOf, surfacesOf }: ScenarioFlows,
  rateOf: (flowId: string) => FlowRate,
): JobSeconds {
  if (surfacesOf) {
    const shareOf = sharesOfLinks(machine, flows)
    const surfaces = jobSurfaces(design, machine)
    const longest = (drives: JobSurfaces['full']): number | null => {
      const all = [...surfacesOf].map(([id, driveIds]) => {
        const { bytesPerSecond, isHeldByDrive } = rateOf(id)
        const share = Math.max(isHeldByDrive ? 0 : bytesPerSecond, shareOf.get(id) ?? Infinity)
        return surfaceSeconds(
          driveIds.flatMap((driveId) => drives.get(driveId) ?? []),
          share,
        )
      })
      return longestOf(all)
    }
    const seconds = longest(surfaces.full)
    const today = surfaces.today && longest(surfaces.today)
    const isLess = today !== null && seconds !== null && today < seconds
    return { seconds, secondsToday: isLess ? today : null }
  }
  const all = [...(bytesOf ?? [])].map(([id, bytes]) => bytes / rateOf(id).bytesPerSecond)
  return { seconds: longestOf(all), secondsToday: null }
}

/** Null without a job, and for one that never ends. */
function longestOf(seconds: readonly number[]): number | null {
  const longest = Math.max(...seconds)
  return Number.isFinite(longest) ? longest : null
}

/** More bytes a second than anything here moves, for flows that no link holds back. */
const MORE_THAN_ANY = 1e15

/** What each flow could have of the links if no drive held any back. */
function sharesOfLinks(machine: Machine, flows: readonly Flow[]): ReadonlyMap<string, number> {
  const { capacityOf: capacities, linkOf } = directedLinks(machine.links)
  const capacityOf = new Map(
    [...capacities].map(([name, capacity]) => [
      name,
      linkOf.get(name)?.kind === 'platter' ? Infinity : capacity,
    ]),
  )
  const willing = flows.map((flow) => ({
    ...flow,
    mostBytesPerSecond: Math.min(flow.mostBytesPerSecond, MORE_THAN_ANY),
  }))
  return maxMinFair(capacityOf, willing).rateOf
}
