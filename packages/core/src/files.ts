/** What is read from files and written to them. */
import './schemaWithoutEval'

export { cellText, readCell } from './catalogue/files/cells'
export { columnsMarkdown } from './catalogue/files/columnsMarkdown'
export { partsFromCsv } from './catalogue/files/partsFromCsv'
export { partsFromJson, partsToJson } from './catalogue/files/partsJson'
export { partsToCsv } from './catalogue/files/partsToCsv'
export type { ReadParts, RowProblem } from './catalogue/files/rowProblem'
export { designJsonSchema } from './design/designJsonSchema'
export { cablesToCsv } from './machine/wiring/cableCsv'
export { printedEvaluation } from './printedEvaluation'
export { printedMachine } from './machine/printedMachine'
export { answerCapacity, isProblem } from './pool/capacityRequest'
