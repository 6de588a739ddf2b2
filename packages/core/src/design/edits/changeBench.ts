import type { BurnIn, Tick } from '../bench'
import type { Design } from '../design'

/** Says that a step of the checklist is done, or with null that it is not. */
export function tickStep(design: Design, step: string, tick: Omit<Tick, 'step'> | null): Design {
  const others = design.bench.ticks.filter((one) => one.step !== step)
  const ticks = tick === null ? others : [...others, { step, ...tick }]
  return { ...design, bench: { ...design.bench, ticks } }
}

/** Notes the serial numbers of pieces, as the machine tells them. */
export function noteSerials(
  design: Design,
  serials: readonly { pieceId: string; serial: string }[],
): Design {
  const serialOf = new Map(serials.map(({ pieceId, serial }) => [pieceId, serial]))
  return {
    ...design,
    fitted: design.fitted.map((part) => {
      const serial = serialOf.get(part.id)
      return serial === undefined || serial === part.serial ? part : { ...part, serial }
    }),
  }
}

/** Notes how burning in goes, the same for some drives; with null it never began. */
export function noteBurnIn(
  design: Design,
  pieceIds: readonly string[],
  burnIn: Omit<BurnIn, 'pieceId'> | null,
): Design {
  const others = design.bench.burnIns.filter(({ pieceId }) => !pieceIds.includes(pieceId))
  const there = new Set(design.fitted.map(({ id }) => id))
  const noted = pieceIds.flatMap((pieceId) =>
    burnIn && there.has(pieceId) ? [{ pieceId, ...burnIn }] : [],
  )
  return { ...design, bench: { ...design.bench, burnIns: [...others, ...noted] } }
}
