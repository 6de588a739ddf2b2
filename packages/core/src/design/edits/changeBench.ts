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
  const chosen = new Set(pieceIds)
  const before = new Set(design.bench.burnIns.map(({ pieceId }) => pieceId))
  const kept = design.bench.burnIns.flatMap((one) => {
    if (!chosen.has(one.pieceId)) return [one]
    return burnIn ? [{ pieceId: one.pieceId, ...burnIn }] : []
  })
  const begun = design.fitted.flatMap(({ id }) =>
    burnIn && chosen.has(id) && !before.has(id) ? [{ pieceId: id, ...burnIn }] : [],
  )
  return { ...design, bench: { ...design.bench, burnIns: [...kept, ...begun] } }
}
