import { billOfMaterials } from '@flint/core/figures'
import { partListToCsv, printedCost } from '@flint/core/files'
import { designOf } from './designOf'

/** A design gives its bill: lines, and what they come to. Money in minor units. */
export function bill(input: unknown): unknown {
  const design = designOf(input)
  return printedCost(billOfMaterials(design.brief.currency, design))
}

/** The same as comma-separated text, a row for each line. */
export function billCsv(input: unknown): string {
  const design = designOf(input)
  return partListToCsv(billOfMaterials(design.brief.currency, design))
}
