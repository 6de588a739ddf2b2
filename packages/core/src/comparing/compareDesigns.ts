import { kindOf, type PartKind } from '../catalogue/partKinds'
import { sheetName } from '../catalogue/sheetName'
import type { Design } from '../design/design'
import { fittedOfKind } from '../design/fittedParts'
import type { Evaluation } from '../evaluate'
import { type FindingCode, SEVERITY_WEIGHT } from '../findings/rules'
import { findingWords } from '../findings/findingWords'
import type { Severity } from '../judging/finding'
import { wordsFor } from '../judging/words'
import { resolveMachine } from '../machine/resolveMachine'
import { designOwnership } from '../money/designOwnership'
import { ownership, type OwnershipFigure } from '../money/ownership'
import { type Amount, exactly } from '../units/amount'
import type { Formatter } from '../units/formatter'

/** A design with all that is measured and judged of it. */
export interface Compared {
  design: Design
  evaluation: Evaluation
}

/** What of designs stands side by side, in the order in which it is shown. */
export const COMPARED_FIGURES = [
  'usable space',
  'failures survived',
  'idle watts',
  'mean watts',
  'power a year',
  'to buy',
  'over the years',
  'drives',
  'limits kept',
] as const
export type ComparedFigure = (typeof COMPARED_FIGURES)[number]

export interface DesignComparison {
  /** For each design its value; null where it is not known. */
  figures: { figure: ComparedFigure; values: (Amount | null)[]; differs: boolean }[]
  /** Data sheets, and how many pieces of each a design has; those that all have alike come last. */
  parts: { name: string; kind: PartKind; counts: number[]; differs: boolean }[]
  /** What each design has cost by the end of each year, the first year first, as far as it is known; in minor units of its own currency. */
  spentByYear: number[][]
  /** What each has drawn by the end of each of these years, in kilowatt-hours; empty where nobody knows it. */
  energyByYear: number[][]
  /** What is found in some of them and not in all. */
  findings: { code: FindingCode; severity: Severity; sentence: string; isIn: boolean[] }[]
}

/**
 * What is different between designs: their figures, their parts, and what is found in them?
 *
 * A finding is the same where its sentence is. Designs in different currencies are not the same in any money.
 *
 * @param compared two or more; the first is what the others are held against
 */
export function compareDesigns(compared: readonly Compared[], format: Formatter): DesignComparison {
  const owned = compared.map((one): Owned => ({ ...one, years: yearsOf(one) }))
  return {
    figures: COMPARED_FIGURES.map((figure) => {
      const values = owned.map((one) => figures[figure](one))
      return { figure, values, differs: !areAlike(values) }
    }),
    parts: comparedParts(compared),
    spentByYear: owned.map(({ years }) => cumulated(years.years.map(spentIn))),
    energyByYear: owned.map(({ evaluation, years }) => {
      const { kilowattHoursPerYear } = evaluation.power
      return kilowattHoursPerYear === null
        ? []
        : cumulated(years.years.map(() => kilowattHoursPerYear))
    }),
    findings: comparedFindings(compared, format),
  }
}

/** A design with what its years cost. */
interface Owned extends Compared {
  years: OwnershipFigure
}

const figures: Record<ComparedFigure, (one: Owned) => Amount | null> = {
  'usable space': ({ evaluation }) => exactly(evaluation.capacity.workingBytes, 'B'),
  'failures survived': ({ evaluation: { survival } }) =>
    survival.alwaysSurvived === null ? null : exactly(survival.alwaysSurvived, 'pieces'),
  'idle watts': ({ evaluation }) => evaluation.power.wall,
  'mean watts': ({ evaluation }) => evaluation.power.mean,
  'power a year': ({ evaluation }) => evaluation.power.costPerYear,
  'to buy': ({ evaluation }) => evaluation.cost.total,
  'over the years': ({ years }) => years.total,
  drives: ({ design }) => exactly(fittedOfKind(design, 'drive').length, 'pieces'),
  'limits kept': ({ evaluation }) =>
    exactly(evaluation.limits.filter(({ status }) => status === 'kept').length, 'pieces'),
}

function areAlike([first, ...others]: readonly (Amount | null)[]): boolean {
  return others.every(
    (one) =>
      one?.likely === first?.likely &&
      one?.low === first?.low &&
      one?.high === first?.high &&
      one?.missing.length === first?.missing.length,
  )
}

function comparedParts(compared: readonly Compared[]): DesignComparison['parts'] {
  const byName = new Map<string, { kind: PartKind; counts: number[] }>()
  compared.forEach(({ design: { fitted, snapshots } }, index) => {
    for (const { id, sheet } of snapshots) {
      if (kindOf(sheet).stands === 'nowhere') continue
      const name = sheetName(sheet)
      const row = byName.get(name) ?? { kind: sheet.kind, counts: compared.map(() => 0) }
      const count = fitted.filter(({ snapshotId }) => snapshotId === id).length
      row.counts[index] = (row.counts[index] ?? 0) + count
      byName.set(name, row)
    }
  })
  return [...byName]
    .map(([name, { kind, counts }]) => ({
      name,
      kind,
      counts,
      differs: counts.some((count) => count !== counts[0]),
    }))
    .sort((one, other) => Number(other.differs) - Number(one.differs))
}

function comparedFindings(
  compared: readonly Compared[],
  format: Formatter,
): DesignComparison['findings'] {
  const bySentence = new Map<string, DesignComparison['findings'][number]>()
  compared.forEach(({ design, evaluation }, index) => {
    const words = wordsFor(design, format)
    for (const finding of evaluation.findings) {
      const { sentence } = findingWords(finding, words)
      const { code, severity } = finding
      const row = bySentence.get(sentence) ?? {
        code,
        severity,
        sentence,
        isIn: compared.map(() => false),
      }
      row.isIn[index] = true
      bySentence.set(sentence, row)
    }
  })
  return [...bySentence.values()]
    .filter(({ isIn }) => !isIn.every(Boolean))
    .sort((one, other) => SEVERITY_WEIGHT[one.severity] - SEVERITY_WEIGHT[other.severity])
}

function yearsOf({ design, evaluation }: Compared): OwnershipFigure {
  const input = designOwnership(design, resolveMachine(design), evaluation)
  return ownership(input, design.money.ownership)
}

const spentIn = ({
  purchase,
  energy,
  replacements,
  flash,
  resaleMinor,
}: OwnershipFigure['years'][number]) =>
  purchase.likely + energy.likely + replacements.likely + flash.likely - resaleMinor

function cumulated(values: readonly number[]): number[] {
  let sum = 0
  return values.map((value) => (sum += value))
}
