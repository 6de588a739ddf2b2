/** What is read from files and written to them. */
import './schemaWithoutEval'

export { cellText, readCell } from './catalogue/files/cells'
export { columnsMarkdown } from './catalogue/files/columnsMarkdown'
export { partsFromCsv } from './catalogue/files/partsFromCsv'
export { partsFromJson, partsToJson } from './catalogue/files/partsJson'
export { partsToCsv } from './catalogue/files/partsToCsv'
export { readSheetText, type ReadSheetText } from './catalogue/files/readSheetText'
export type { ReadParts, RowProblem } from './catalogue/files/rowProblem'
export { comparisonToCsv } from './comparing/comparisonCsv'
export { designJsonSchema } from './design/designJsonSchema'
export { cablesToCsv } from './machine/wiring/cableCsv'
export { answerBreakEven, breakEvenRequest } from './money/breakEvenRequest'
export { billText } from './money/billText'
export { partListToCsv } from './money/partListCsv'
export { printedCost } from './money/printedCost'
export { poolScript } from './poolScript/poolScript'
export { printedEvaluation } from './printedEvaluation'
export {
  type ReadTemperatures,
  readTemperatures,
  type Temperature,
} from './readings/readTemperatures'
export { readSeries } from './readings/readSeries'
export { type SeriesAgainstPlan, seriesAgainstPlan } from './readings/seriesAgainstPlan'
export { collectedJsonSchema } from './proving/collected/collectedJsonSchema'
export { parseCollected } from './proving/collected/readCollected'
export { readPasted } from './proving/collected/readPasted'
export { traceRequest } from './proving/traceRequest'
export { printedMachine } from './machine/printedMachine'
export { answerCapacity, isProblem } from './pool/capacityRequest'
export { type PriceProblem, pricesCsv, pricesFromCsv } from './prices/pricesCsv'
export { readPriceLine, type ReadPriceLine } from './prices/readPriceLine'
