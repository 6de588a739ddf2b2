export { ENTRIES_PER_PAGE, MOST_UNANSWERED, PARTS_PER_REQUEST } from './bounds'
export { CreateDesign, SaveDesign } from './designRequests'
export {
  isUnread,
  type DesignConflict,
  type DesignOnShelf,
  type RemovedDesign,
  type RevisionSummary,
  type SetAside,
  type SetAsideSummary,
  type StoredDesign,
  type StoredPart,
  type TakenIn,
  type UnreadDesign,
  type UnreadPart,
} from './designResponses'
export { KeepPart, NoteOwned, TakeInParts } from './partRequests'
export { PROBLEM_MEDIA_TYPE, type FieldProblem, type ProblemDocument } from './problemDocument'
