import type { Design } from '../design/design'
import type { Machine } from '../machine/machine'
import { presentPieces } from '../machine/presentPieces'
import type { PowerFigure } from '../power/idlePower'
import { servicesFigure } from '../services/servicesFigure'
import type { CostFigure } from './billOfMaterials'
import type { OwnershipInput } from './ownership'
import { piecePrices, replacementPrices } from './piecePrices'

/** What the years of a design cost is worked out from: its bill, its power, its drives, and its flash with what is written to it. */
export function designOwnership(
  design: Design,
  machine: Machine,
  { cost, power }: { cost: CostFigure; power: Pick<PowerFigure, 'costPerYear'> },
): OwnershipInput {
  const paid = piecePrices(cost, design)
  const another = replacementPrices(paid, design, cost.currency, design.money)
  const services = servicesFigure(design, machine)
  const byLife = new Set<string>(
    services.devices.filter(({ years }) => years !== null).map(({ device }) => device.id),
  )
  const used = new Set(
    cost.lines.flatMap(({ condition, partIds }) => (condition === 'new' ? [] : partIds)),
  )
  const owned = new Set(design.fitted.flatMap((part) => (part.owned ? [part.id] : [])))
  return {
    purchase: cost.total,
    energyPerYear: power.costPerYear,
    // Flash that is written to death is replaced by its life, so it does not count as failing too.
    drives: presentPieces(machine)
      .all.filter(({ kind, id }) => kind === 'drive' && !byLife.has(id))
      .map(({ id }) => ({
        pieceId: id,
        priceMinor: another.get(id) ?? null,
        isUsed: used.has(id) || owned.has(id),
      })),
    flash: services.devices.map(({ device, years, missing }) => ({
      pieceId: device.id,
      priceMinor: another.get(device.id) ?? null,
      years,
      missing,
    })),
  }
}
