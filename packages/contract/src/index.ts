export { CreateDesign, SaveDesign } from './designRequests'
export type { DesignConflict, RevisionSummary, StoredDesign, StoredPart } from './designResponses'
export { PROBLEM_MEDIA_TYPE, type FieldProblem, type ProblemDocument } from './problemDocument'
