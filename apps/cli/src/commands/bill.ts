import { formatterFor } from '@flint/core/drawing'
import { billOfMaterials, evaluate, linesToChoose } from '@flint/core/figures'
import { partListToCsv, printedCost } from '@flint/core/files'
import { designOf } from './designOf'

/** A design gives its bill: lines, and what they come to. Money in minor units. */
export function bill(input: unknown): unknown {
  const design = designOf(input)
  return printedCost(billOfMaterials(design.brief.currency, design))
}

/** The same as comma-separated text, a row for each line, then what is still to choose. */
export function billCsv(input: unknown): string {
  const design = designOf(input)
  const { cost, stillToChoose } = evaluate(design)
  return partListToCsv(cost, linesToChoose(stillToChoose, formatterFor('en')))
}
