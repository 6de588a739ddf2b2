/** Designs and what is done to them, and the data sheets they are made of. */
import './schemaWithoutEval'

export { type AskedPrice, askedPrice } from './catalogue/askedPrice'
export { catalogueFile, keptPart } from './catalogue/keptPart'
export { decidingNames, isSaidOf } from './catalogue/isSaidOf'
export { partColumns, partValues } from './catalogue/partColumns'
export { cataloguePart, partKinds, partSheet } from './catalogue/partKinds'
export { cataloguedPart } from './catalogue/cataloguedPart'
export type { CataloguePart, PartKind, PartSheet, SheetOf } from './catalogue/partKinds'
export { contradictions } from './catalogue/contradictions'
export { kindOf } from './catalogue/partKinds'
export { chosenIn, type PartChoice, partChoices } from './catalogue/partChoices'
export type { DriveSheet } from './catalogue/kinds/drive'
export { goesIntoBay } from './catalogue/kinds/drive'
export { type KindWords, kindWords } from './catalogue/kindWords'
export { withSheetToday, withFieldsToday } from './catalogue/oldFields'
export type { Comparison } from './catalogue/find/comparison'
export {
  matches,
  type NearMiss,
  nearMisses,
  parsePartQuery,
  type PartQuery,
  sheetText,
} from './catalogue/find/partQuery'
export {
  columnValue,
  fieldWords,
  type SheetColumn,
  sheetColumns,
  withColumnValue,
} from './catalogue/sheetColumns'
export { SWAP_OUTCOMES } from './design/bench'
export { sheetName } from './catalogue/sheetName'
export { slugOf } from './catalogue/slugOf'
export { type StepId, STEPS } from './catalogue/steps'
export {
  type Brief,
  DATA_KINDS,
  MACHINE_STATES,
  type DayProfile,
  HOUR_STATES,
  type HourState,
  type MachineStateId,
  type DataKind,
  type DataOfKind,
  dataNowBytes,
  growthBytesPerYear,
  USUAL_FILE_BYTES,
  wantedBytes,
} from './design/brief'
export {
  DESIGN_VERSION,
  type Design,
  type FittedPart,
  type Group,
  MAINS_SOCKETS,
  type MainsSocket,
  type Pool,
  type SpinUp,
  type ReturnCase,
} from './design/design'
export { driveBytes } from './design/driveBytes'
export {
  changeBrief,
  changeData,
  changeHouseRules,
  notePieces,
  renameDesign,
} from './design/edits/changeFields'
export {
  addBundle,
  addExtra,
  type BuyingChange,
  changeLine,
  forgetLine,
  splitLine,
} from './design/edits/changeMoney'
export { changePool } from './design/edits/changePool'
export { changeSheet } from './design/edits/changeSheet'
export { applyEdit, type Edit, edit, type SingleEdit } from './design/edits/edit'
export { isSoldered } from './design/edits/insides'
export { fitAnother, fitPart, mostOf } from './design/edits/fitPart'
export { groupDrives, type WantedGroup } from './design/edits/groupDrives'
export { layOut } from './design/edits/layOut'
export { moveDrive } from './design/edits/moveDrive'
export { dropPins, keepMembers, pinCard, pinLead, pinM2, pinPort } from './design/edits/pinPaths'
export { nextId } from './design/edits/nextId'
export { putDrivesInBays } from './design/edits/putDrivesInBays'
export { removeParts } from './design/edits/removeParts'
export { sendBack } from './design/edits/sendBack'
export { takeSheetFields } from './design/edits/takeSheetFields'
export { ungroupDrives } from './design/edits/ungroupDrives'
export { fittedOfKind, fittedOne, fittedWithSheets } from './design/fittedParts'
export { type LetteredGroup, letteredGroups } from './design/groupLetters'
export { type History, record, redo, startHistory, stepsSince, undo } from './design/history'
export { type Household, households } from './design/households'
export type { HouseRules } from './design/houseRules'
export type { PortUse } from './design/networkChoices'
export {
  type Alternative,
  type AlternativeKind,
  BUY_WHEN,
  type BuyWhen,
  CONDITIONS,
  type Condition,
  type MoneyChoices,
  type Order,
  type Ownership,
  type Rate,
  type Rise,
  RISES,
} from './design/money'
export { newDesign } from './design/newDesign'
export { type OldComputer, oldComputer } from './design/oldComputer'
export { type DrivesOfSize, readDriveList } from './design/readDriveList'
export { BOARD_SIZES, type BoardSize } from './catalogue/standards'
export { newerVersionOf } from './design/newerDesign'
export { parseDesign } from './design/parseDesign'
export {
  bayIdOf,
  type LeadRef,
  NO_CHOICES,
  type PathChoices,
  pinCount,
  type PortRef,
  sameEnd,
  sameLead,
  samePort,
  type WiringEnd,
} from './design/pathChoices'
export type { FamilyName } from './design/pools/pools'
export { MOST_READERS, newReader, type Reader, type ReaderWay } from './design/readers'
export { type Problem, problemsOf } from './catalogue/problem'
export { sameValue } from './design/sameValue'
export { sheetChanges } from './design/sheetChanges'
export {
  type Arrangement,
  MOST_SERVICES,
  SERVICE_DEFAULTS,
  ROLE_LETTERS,
  type Service,
  SERVICE_ROLES,
  type ServiceRole,
  usualArrangement,
} from './design/services'
export { type AirChoices, fanDutyOf, FILTER_STATES } from './design/air'
