import type { Link } from '../machine/links/link'
import type { Machine } from '../machine/machine'
import { certain } from '../units/certain'
import { directedLinks } from './directedLinks'
import { jobSurfaces, type JobSurfaces } from './jobSurfaces'
import { type Flow, maxMinFair } from './maxMinFair'
import { loadedSurface } from './loadedSurface'
import type { ScenarioDesign, ScenarioFlows } from './scenarios/scenario'
import { type Surface, surfaceSeconds } from './surfaceSeconds'
import { writeSurfaces } from './writeSurfaces'

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
  { flows, links = [], surfacesOf, writesOf }: ScenarioFlows,
  rateOf: (flowId: string) => FlowRate,
): JobSeconds {
  if (!surfacesOf && !writesOf) return { seconds: null, secondsToday: null }
  const shareOf = sharesOfLinks([...machine.links, ...links], flows)
  const secondsOf = (id: string, surfaces: readonly Surface[]): number => {
    const { bytesPerSecond, isHeldByDrive } = rateOf(id)
    const share = certain(shareOf.get(id))
    return surfaceSeconds(surfaces, isHeldByDrive ? share : Math.max(bytesPerSecond, share))
  }
  if (writesOf) {
    const all = [...writesOf].map(([id, write]) => {
      const surfaces = writeSurfaces(machine, write)
      return surfaces ? secondsOf(id, surfaces) : Infinity
    })
    return { seconds: longestOf(all), secondsToday: null }
  }
  const surfaces = jobSurfaces(design, machine)
  const longest = (drives: JobSurfaces['full']): number | null =>
    longestOf(
      [...(surfacesOf ?? [])].map(([id, loads]) =>
        secondsOf(
          id,
          loads.flatMap(({ driveId, load }) => {
            const surface = drives.get(driveId)
            return surface ? [loadedSurface(surface, load)] : []
          }),
        ),
      ),
    )
  const seconds = longest(surfaces.full)
  const today = surfaces.today && longest(surfaces.today)
  const isLess = (today ?? Infinity) < (seconds ?? Infinity)
  return { seconds, secondsToday: isLess ? today : null }
}

/** Null without a job, and for one that never ends. */
function longestOf(seconds: readonly number[]): number | null {
  const longest = Math.max(...seconds)
  return Number.isFinite(longest) ? longest : null
}

/** More bytes a second than anything here moves, for flows that no link holds back. */
const MORE_THAN_ANY = 1e15

/** What each flow could have of the links if no drive held any back. */
function sharesOfLinks(
  links: readonly Link[],
  flows: readonly Flow[],
): ReadonlyMap<string, number> {
  const { capacityOf: capacities, linkOf } = directedLinks(links)
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
