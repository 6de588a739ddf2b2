import type { Design } from './design/design'
import type { Evaluation } from './evaluate'
import { findingWords } from './findings/findingWords'
import { editLabel } from './judging/editLabel'
import { notGivenByPiece } from './judging/notGiven'
import { missingWords, wordsFor } from './judging/words'
import { limitWords, standingOf } from './limits/limits'
import { bayPlan } from './machine/bayPlan'
import type { Machine } from './machine/machine'
import { printedCost } from './money/printedCost'
import type { CapacityFigure } from './pool/designCapacity'
import { poolProblemWords } from './pool/poolProblem'
import { printedHeat, printedNoise } from './printedHeat'
import { printedPower } from './printedPower'
import { printedNetwork, printedRates } from './printedRates'
import { printedRoles } from './printedRoles'
import { choiceText } from './stillToChoose/choiceText'
import { upperFirst } from './units/firstLetter'
import type { Formatter } from './units/formatter'

/**
 * An evaluation as JSON for other programs: figures, statuses and facts, and beside them the sentences that a
 * screen shows.
 *
 * Fields are promises to whoever reads them; what is added stands beside what was there.
 */
export function printedEvaluation(
  design: Design,
  machine: Machine,
  evaluation: Evaluation,
  format: Formatter,
): Record<string, unknown> {
  const words = wordsFor(design, format)
  const { capacity, survival, power, cost, limits, findings, stillToChoose, isDone } = evaluation
  return {
    capacity: printedCapacity(capacity, format),
    survival,
    power: printedPower(design, machine, power),
    cost: printedCost(cost),
    bays: bayPlan(machine, design),
    limits: limits.map((limit) => {
      const { id, status } = limit
      return { id, ...limitWords(limit, words), status, standing: standingOf(limit) }
    }),
    findings: findings.map((finding) => {
      const { fix, ...rest } = finding
      return {
        ...rest,
        ...findingWords(finding, words),
        fix: fix && { label: editLabel(fix, words), edit: fix },
      }
    }),
    stillToChoose: stillToChoose.map((choice) => ({ ...choice, text: choiceText(choice, format) })),
    notGiven: notGivenByPiece(findings).map(({ pieceId, missing, codes }) => {
      return { pieceId, missing, codes, text: missingWords(missing, words) }
    }),
    isDone,
    rates: printedRates(design, machine, format),
    network: printedNetwork(design, machine),
    roles: printedRoles(design, machine),
    heat: printedHeat(design, machine),
    noise: printedNoise(design, machine),
  }
}

function printedCapacity({ pools, ...capacity }: CapacityFigure, format: Formatter): object {
  return {
    ...capacity,
    pools: pools.map(({ problem, ...pool }) => ({
      ...pool,
      problem: problem && {
        ...problem,
        sentence: upperFirst(poolProblemWords(problem.why, format)),
      },
    })),
  }
}
