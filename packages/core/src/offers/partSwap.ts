import { cataloguedPart } from '../catalogue/cataloguedPart'
import { goesIntoBay } from '../catalogue/kinds/drive'
import type { CataloguePart } from '../catalogue/partKinds'
import type { Design } from '../design/design'
import type { Edit } from '../design/edits/edit'
import { fittedWithSheets } from '../design/fittedParts'
import type { Evaluation } from '../evaluate'
import type { LimitStatus } from '../judging/statusOf'

/** The catalogue may hold many thousands; so many are tried, the first of each kind that the design has. */
const MOST_TRIED = 400

/** From the best standing to the worst. */
export const RANK: Record<LimitStatus, number> = {
  kept: 0,
  'may be missed': 1,
  'not known': 2,
  missed: 3,
}

/** What of a catalogue is tried: parts of kinds of which the design has something, so many at most. */
export function triedParts<Part extends CataloguePart>(
  design: Design,
  parts: readonly Part[],
): Part[] {
  return tryableParts(design, parts).slice(0, MOST_TRIED)
}

/** What of a catalogue could be tried, if there were time for all of it. */
export function tryableParts<Part extends CataloguePart>(
  design: Design,
  parts: readonly Part[],
): Part[] {
  const present = new Set(fittedWithSheets(design).map(({ sheet }) => sheet.kind))
  return parts.filter(({ sheet }) => present.has(sheet.kind))
}

/** The part in place of what is there: a drive in every bay that holds one, anything else as it is chosen. */
export function swapEdit(design: Design, part: CataloguePart): Edit | null {
  const { sheet } = part
  if (sheet.kind !== 'drive') return { do: 'fit', part: cataloguedPart(part), beside: false }
  if (!goesIntoBay(sheet)) return null
  const bays = design.fitted.flatMap(({ bay }) => bay ?? [])
  return bays.length === 0 ? null : { do: 'put-drives', model: cataloguedPart(part), bays }
}

/** Whether something blocks, is left to choose, or stands worse to a limit, that did not before. */
export function doesHarm(before: Evaluation, after: Evaluation): boolean {
  const blocks = ({ findings }: Evaluation): number =>
    findings.filter(({ severity }) => severity === 'blocks').length
  return (
    blocks(after) > blocks(before) ||
    after.stillToChoose.length > before.stillToChoose.length ||
    after.limits.some(({ id, status }) => {
      const was = before.limits.find((one) => one.id === id)?.status
      return was !== undefined && RANK[status] > RANK[was]
    })
  )
}

/** Whether something becomes a risk that was none before. */
export function bringsRisk(before: Evaluation, after: Evaluation): boolean {
  const known = new Set(before.findings.map(({ code }) => code))
  return after.findings.some(({ code, severity }) => severity === 'risks' && !known.has(code))
}

/** What the whole costs more, in minor units; null where a price is missing that was not. */
export function costOf(before: Evaluation, after: Evaluation): number | null {
  const [was, becomes] = [before.cost.total, after.cost.total]
  return becomes.missing.length > was.missing.length ? null : becomes.likely - was.likely
}

/** What the power of a year costs more; null where that is not known. */
export function yearOf(before: Evaluation, after: Evaluation): number | null {
  const [was, becomes] = [before.power.costPerYear, after.power.costPerYear]
  if (!was || !becomes || becomes.missing.length > was.missing.length) return null
  return becomes.likely - was.likely
}
