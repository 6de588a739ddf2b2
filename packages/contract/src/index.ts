export { CreateDesign, SaveDesign } from './designRequests'
export type {
  DesignConflict,
  RevisionSummary,
  StoredDesign,
  StoredPart,
  TakenIn,
} from './designResponses'
export { KeepPart, NoteOwned, PARTS_PER_REQUEST, TakeInParts } from './partRequests'
export { PROBLEM_MEDIA_TYPE, type FieldProblem, type ProblemDocument } from './problemDocument'
