import type { Design } from './design/design'
import type { Machine } from './machine/machine'
import { portUses } from './machine/portUses'
import { addressPlan } from './paths/addressPlan'
import { readerCounts } from './paths/readerCounts'
import { readerFigures } from './paths/readerFigures'
import { readerSentence } from './paths/readerSentence'
import { scenarioRates } from './paths/scenarioRates'
import { copyIn } from './paths/scenarios/copyIn'
import { rebuild } from './paths/scenarios/rebuild'
import { NO_CHOICE, type Scenario } from './paths/scenarios/scenario'
import { scrub } from './paths/scenarios/scrub'
import type { Formatter } from './units/formatter'
import { SECONDS_PER_HOUR } from './units/time'

/**
 * How fast a design is, as JSON for other programs: each pool's scrub, rebuild and copying in, what one and several
 * readers get, and each reader of the brief.
 */
export function printedRates(design: Design, machine: Machine, format: Formatter): object {
  return {
    pools: design.pools.map(({ id, name }) => ({
      poolId: id,
      name,
      scrub: printedJob(design, machine, scrub, id),
      rebuild: printedJob(design, machine, rebuild, id),
      copyIn: printedJob(design, machine, copyIn, id),
    })),
    readers: readerCounts(design, machine).map(
      ({ readers, eachBytesPerSecond, togetherBytesPerSecond }) => {
        return { readers, eachBytesPerSecond, togetherBytesPerSecond }
      },
    ),
    ofTheBrief: design.brief.readers.length === 0 ? [] : ofTheBrief(design, machine, format),
  }
}

/** What the network ports are for, and the addresses of direct cables, as JSON for other programs. */
export function printedNetwork(design: Design, machine: Machine): object {
  return {
    ports: portUses(machine.networkPaths, design.network).uses.map(({ path, use }) => ({
      pieceId: path.port.partId,
      number: path.port.number,
      name: path.name,
      bitsPerSecond: path.port.bitsPerSecond,
      use,
    })),
    addressPlan: addressPlan(design, machine).map(({ reader, path, ...addresses }) => ({
      readerId: reader.id,
      name: reader.name,
      port: { pieceId: path.port.partId, number: path.port.number },
      ...addresses,
    })),
  }
}

function ofTheBrief(design: Design, machine: Machine, format: Formatter): object[] {
  return readerFigures(design, machine).map((figures) => {
    const { reader, pool, heldBackBy, path, ...rates } = figures
    return {
      readerId: reader.id,
      name: reader.name,
      poolId: pool?.id ?? null,
      port: path && { pieceId: path.port.partId, number: path.port.number },
      ...rates,
      heldBackBy: heldBackBy && { name: heldBackBy.name, reason: heldBackBy.reason },
      sentence: readerSentence(figures, format),
    }
  })
}

function printedJob(
  design: Design,
  machine: Machine,
  scenario: Scenario,
  poolId: string,
): object | null {
  const rates = scenarioRates(design, machine, scenario, { ...NO_CHOICE, poolId })
  const { flows, bytesPerSecond, seconds, secondsToday, narrowest } = rates
  if (flows.length === 0) return null
  const hours = (value: number | null): number | null => value && value / SECONDS_PER_HOUR
  return {
    bytesPerSecond,
    hours: hours(seconds),
    hoursToday: hours(secondsToday),
    narrowest: narrowest && { name: narrowest.name, reason: narrowest.reason },
  }
}
