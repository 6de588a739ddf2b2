export {
  DAYS_IN_BIN,
  DESIGNS_PER_PAGE,
  ENTRIES_PER_PAGE,
  LONGEST_LINK_DAYS,
  LONGEST_PASSWORD,
  LONGEST_PERSON_NAME,
  LONGEST_WHAT,
  MOST_UNANSWERED,
  PARTS_PER_REQUEST,
  SHORTEST_PASSWORD,
} from './bounds'
export { CreateDesign, SaveDesign } from './designRequests'
export {
  type DesignConflict,
  type Everything,
  EVERYTHING_FORMAT,
  type OpenedDesign,
  type PartPage,
  type PartUse,
  type RemovedDesign,
  type RemovedPart,
  type RevisionFigures,
  type RevisionSummary,
  type SetAside,
  type SetAsideSummary,
  type ShelfPage,
  type ShelfRow,
  type SavedDesign,
  type StoredDesign,
  type StoredPart,
  type TakenIn,
  type UnreadPart,
} from './designResponses'
export {
  ListDesigns,
  ListEntries,
  ListParts,
  ListRevisions,
  NameRevision,
  PrintList,
  SHELF_ORDERS,
  type ShelfOrder,
} from './listRequests'
export { KeepPart, NoteOwned, TakeInParts } from './partRequests'
export {
  type Account,
  type ApiToken,
  type ChangeEntry,
  DESIGN_ACCESSES,
  type DesignAccess,
  type DesignLink,
  type DesignRight,
  LINK_HEADER,
  type MadeSecret,
  type Session,
  type Sharing,
  TOKEN_SCOPES,
  type TokenScope,
} from './people'
export {
  ChangeAccount,
  ChangePassword,
  MakeAccount,
  MakeFirstAccount,
  MakeLink,
  MakeToken,
  ShareDesign,
  SignIn,
} from './peopleRequests'
export {
  type LiveReading,
  READING_SOURCES,
  type ReadingPage,
  type ReadingSource,
  READINGS_PER_PAGE,
  READINGS_PER_REQUEST,
  SendReading,
  type StoredReading,
} from './readings'
export {
  type EventPage,
  EVENTS_PER_PAGE,
  EVENTS_PER_REQUEST,
  SendEvent,
  type StoredEvent,
  type WattsSeries,
} from './events'
export { SendTemperature, TEMPERATURES_PER_REQUEST, type TemperatureSeries } from './temperatures'
export { COLLECTED_PER_PAGE, type CollectedPage, type StoredCollected } from './collected'
export {
  AskPriceFigures,
  ListPrices,
  type PartPriceFigures,
  type PricePage,
  PRICES_PER_PAGE,
  PRICES_PER_REQUEST,
  SendPrice,
  SetPriceTarget,
  type StoredPrice,
  type WatchedPart,
} from './prices'
export { PROBLEM_MEDIA_TYPE, type FieldProblem, type ProblemDocument } from './problemDocument'
