import './schemaWithoutEval'

export {
  BOARD_HOLES,
  HOLES_FROM_EDGE,
  BRACKET_HEIGHT_MM,
  CARD_PITCH_MM,
  DRIVE_OUTLINES,
  RACK_UNIT_MM,
  REAR_SOCKETS,
  SUPPLY_ENVELOPES,
} from './catalogue/standards'
export { catalogueFile, cataloguePart, partSheet } from './catalogue/partKinds'
export type { CataloguePart, PartKind, PartSheet, SheetOf } from './catalogue/partKinds'
export { type Bay, bayBlocksOf, baysOf } from './catalogue/bays'
export { answers, askParts, sheetText } from './catalogue/find/partQuestion'
export { cellText, readCell } from './catalogue/files/cells'
export { columnsMarkdown } from './catalogue/files/columnsMarkdown'
export { partsFromCsv } from './catalogue/files/partsFromCsv'
export { partsFromJson, partsToJson } from './catalogue/files/partsJson'
export { partsToCsv } from './catalogue/files/partsToCsv'
export type { ReadParts, RowProblem } from './catalogue/files/rowProblem'
export { type KindWords, kindWords } from './catalogue/kindWords'
export {
  columnValue,
  fieldWords,
  type SheetColumn,
  sheetColumns,
  withColumnValue,
} from './catalogue/sheetColumns'
export { slugOf } from './catalogue/slugOf'
export type { ChassisSheet } from './catalogue/kinds/chassis'
export type { DriveSheet } from './catalogue/kinds/drive'
export {
  type BayPlan,
  bayPlan,
  type BayUse,
  bayName,
  type DriveInPlace,
  goesIntoBay,
} from './design/bayUse'
export {
  type Brief,
  DATA_KINDS,
  type DataKind,
  dataNowBytes,
  growthBytesPerYear,
  USUAL_FILE_BYTES,
  wantedBytes,
} from './design/brief'
export {
  changeBrief,
  changeData,
  changeHouseRules,
  notePieces,
  renameDesign,
} from './design/edits/changeFields'
export { changeSheet } from './design/edits/changeSheet'
export { fitPart, isSingle } from './design/edits/fitPart'
export { groupDrives, type WantedGroup } from './design/edits/groupDrives'
export { layOut } from './design/edits/layOut'
export { changePool } from './design/edits/changePool'
export { dropPins, keepMembers, pinCard, pinLead, pinPort } from './design/edits/pinPaths'
export { moveDrive } from './design/edits/moveDrive'
export { putDrivesInBays } from './design/edits/putDrivesInBays'
export { removeParts } from './design/edits/removeParts'
export { takeSheetFields } from './design/edits/takeSheetFields'
export { ungroupDrives } from './design/edits/ungroupDrives'
export { type Front, frontsExtent, frontsOf } from './design/bayBlocks'
export { fittedOfKind, fittedOne } from './design/fittedParts'
export { type LetteredGroup, letteredGroups } from './design/groupLetters'
export { type History, record, redo, startHistory, undo } from './design/history'
export { sheetChanges } from './design/sheetChanges'
export type { HouseRules } from './design/houseRules'
export {
  type DesignDocument,
  type FittedPart,
  MAINS_SOCKETS,
  type MainsSocket,
} from './design/document'
export { type Household, households } from './design/households'
export { designJsonSchema } from './design/designJsonSchema'
export { spareLayout } from './design/spareLayout'
export { newDesign } from './design/newDesign'
export { parseDesign } from './design/parseDesign'
export { type Problem, problemsOf } from './design/problem'
export { type Evaluation, evaluate } from './evaluate'
export { cardsOf } from './fit/cards'
export { coolerClearance } from './fit/coolerClearance'
export { type FitVerdict, fitVerdict, type Verdict } from './fit/fitVerdict'
export { plugRoomMm } from './fit/plugRoom'
export type { Finding, Severity, StepId } from './findings/finding'
export { CHIPSET, type PathLink } from './paths/pathLink'
export { conflictOfCards } from './paths/conflictOfCards'
export { fileCopyBytesPerSecond, ethernetBytesPerSecond, PACKET_BYTES } from './paths/linkRates'
export { machineReadRate } from './paths/machineReadRate'
export { maxMinFair } from './paths/maxMinFair'
export { type Placement, placeCards, takesEdge } from './paths/placeCards'
export { type ScenarioRates, scenarioRates } from './paths/scenarioRates'
export { NO_CHOICE, type Scenario, type ScenarioChoice } from './paths/scenarios/scenario'
export { applyWidening, type Widening, type WideningChange, widenings } from './paths/widenings'
export { scenarios } from './paths/scenarios/scenarios'
export { type CardLoad, cardLoads } from './paths/cardLoads'
export { type CardPlace, cardPlaces } from './paths/cardPlaces'
export { placementsOf } from './paths/placements'
export { type Topology, topologyOf } from './paths/topology'
export type { PathChoices } from './paths/pathChoices'
export { cableFits, type CableLine } from './paths/wiring/cableList'
export { cablesToCsv } from './paths/wiring/cableCsv'
export { cableWords } from './paths/wiring/cableWords'
export { type DataEnd } from './paths/wiring/dataEnds'
export { type PortHost } from './paths/wiring/portHosts'
export { ADAPTER_AMPS, type SupplyLead } from './paths/wiring/supplyLeads'
export { type DataCable } from './paths/wiring/hostBench'
export { takes } from './paths/wiring/wireData'
export { isOverloaded, type LeadLoad, type PowerFeed } from './paths/wiring/wirePower'
export { type Spot, spotOfBays, spotOfHost, spotOfSupply } from './paths/wiring/spots'
export { cablesOf, type Wiring, wiringOf } from './paths/wiring/wiring'
export { expectedLinks } from './network/aggregation'
export { type CopyTime, copyTimes } from './network/copyTimes'
export { type NetworkPort, networkPorts } from './network/networkPorts'
export { type ReaderRates, readerRates } from './network/readerRates'
export type { BillLine, CostFigure } from './money/billOfMaterials'
export { answerCapacity, isProblem } from './pool/capacityRequest'
export type { CapacityFigure } from './pool/designCapacity'
export { type FamilyName, familyOf, layoutFamilies, type Pool } from './pool/families'
export type { DataLoss } from './pool/dedicatedParity/dataLossByFailures'
export { redundancyOf } from './pool/survival/redundancyOf'
export type { CapacityAnswer, Layout, LayoutFamily, SizedDrive, Traits } from './pool/layoutFamily'
export type { JudgedLimit, LimitStanding } from './limits/limit'
export {
  type Candidate,
  CANDIDATE_COLUMNS,
  type CandidateColumn,
  type PileDrive,
} from './pool/candidates/candidate'
export { candidates } from './pool/candidates/candidates'
export { type SharedPart, sharedParts } from './pool/survival/sharedParts'
export { blockEfficiency } from './pool/zfs/blockEfficiency'
export { driveBytes } from './design/driveBytes'
export { type PulledPool, pullDrives, smallestFatalSets } from './pool/survival/pullDrives'
export { survivalByCounting, type SurvivalRow } from './pool/survival/survivalByCounting'
export { vdevKinds, type ZfsVdevKindName } from './pool/zfs/vdevKinds'
export type { PowerFigure } from './power/idlePower'
export { binaryBytes, GIB, KIB, MIB, TB, TIB } from './units/bytes'
export { driveBytesAsSold } from './units/driveBytesAsSold'
export { minorPerMajor } from './units/money'
export { type Speller, spellerFor } from './units/speller'
