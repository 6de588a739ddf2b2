/** Designs resolved, measured and judged. */
import './schemaWithoutEval'

export { designSummary, type DesignSummary, type SmallFront } from './designSummary'
export { type Evaluation, evaluate, Evaluator } from './evaluate'
export { findingWords, type FindingWords } from './findings/findingWords'
export type { AnyFinding, FindingCode } from './findings/rules'
export type { ChoiceNeeded, OpenChoice } from './judging/choiceNeeded'
export { editLabel } from './judging/editLabel'
export { isLack, type Severity } from './judging/finding'
export { type NotGiven, notGivenByPiece } from './judging/notGiven'
export type { LimitStatus } from './judging/statusOf'
export { upperFirst } from './units/firstLetter'
export { fieldName, listed, missingWords, type Words, wordsFor } from './judging/words'
export { amountText } from './limits/amountText'
export { overBudgetMinor } from './limits/overBudgetMinor'
export {
  type AnyJudgedLimit,
  type LimitId,
  type LimitWords,
  limitWords,
  standingOf,
} from './limits/limits'
export { choiceText } from './stillToChoose/choiceText'
export { stillToChoose } from './stillToChoose/stillToChoose'
export type { Amount, Missing } from './units/amount'
export {
  type BayPlan,
  bayPlan,
  type BayUse,
  type DriveInPlace,
  type SocketUse,
} from './machine/bayPlan'
export { cardsOf, slotNeedOf } from './machine/cards'
export {
  CHIPSET,
  type DrivePath,
  type Link,
  type LinkKind,
  type NetworkPath,
} from './machine/links/link'
export { ethernetBytesPerSecond, fileCopyBytesPerSecond, PACKET_BYTES } from './machine/linkRates'
export { type LaneBudget, laneBudget } from './machine/laneBudget'
export { type Machine, pieceOf, piecesOf } from './machine/machine'
export { type PortUses, portUses } from './machine/portUses'
export { type NetworkPort, networkPorts } from './machine/networkPorts'
export type { Piece, PieceId } from './machine/piece'
export type { PlacedNeed, UnplacedNeed } from './machine/needs'
export { type PlacedDevice, type Placement, placeDevices } from './machine/placement/placeDevices'
export { type PlaceChoice, placeChoices } from './machine/placement/placeChoices'
export type { Device, Place, PlacementProblem } from './machine/placement/places'
export { allNeeds, byNeed } from './machine/needs'
export { otherPlacements, resolveMachine } from './machine/resolveMachine'
export { spreadDrives } from './machine/spreadDrives'
export { cableFits, type CableEnd, type CableLine, cableList } from './machine/wiring/cableList'
export type { DataCable } from './machine/wiring/connectorAllocator'
export type { DataEnd } from './machine/wiring/dataEnds'
export type { PortHost } from './machine/wiring/portHosts'
export type { Adapter, SupplyLead } from './machine/wiring/supplyLeads'
export { takes } from './machine/wiring/wireData'
export type { Gain } from './machine/wiring/assignPlugs'
export { isOverloaded, type LeadLoad, type PowerFeed } from './machine/wiring/wirePower'
export {
  type Compared,
  type ComparedFigure,
  compareDesigns,
  type DesignComparison,
} from './comparing/compareDesigns'
export { type BilledAt, type PriceEffect, priceEffect } from './comparing/priceEffect'
export type { BillLine } from './money/billLine'
export { alternativeStreams, ownStreams, rentedTerabytes } from './money/alternativeStreams'
export { billOfMaterials, type CostFigure } from './money/billOfMaterials'
export { BILL_GROUPINGS, type BillGroup, type BillGrouping, billGroups } from './money/billGroups'
export { boughtBy } from './money/boughtBy'
export { type BreakEven, breakEven } from './money/breakEven'
export {
  type Assumption,
  breakEvenSensitivity,
  type Sensitivity,
} from './money/breakEvenSensitivity'
export type { CostStream } from './money/costStream'
export { payBackMonths } from './money/payBackMonths'
export { converted } from './money/converted'
export {
  type DriveOverYears,
  driveOverYears,
  failuresThatEven,
  type OfferedDrive,
} from './money/driveOverYears'
export { designOwnership } from './money/designOwnership'
export { linesToChoose } from './stillToChoose/linesToChoose'
export { ownership, type OwnershipFigure } from './money/ownership'
export { piecePrices } from './money/piecePrices'
export { pricePerTerabyte } from './money/pricePerTerabyte'
export { type CopyTime, copyTimes, LINK_SPEEDS } from './network/copyTimes'
export { expectedLinks } from './network/expectedLinks'
export { blockText, readBlock } from './network/addressBlock'
export { type BundleRates, bundleRates } from './network/bundleRates'
export {
  fitVerdict,
  fitVerdicts,
  type FitVerdict,
  reasonText,
  type Verdict,
} from './offers/fitVerdict'
export { partCost } from './offers/partCost'
export { closingParts, isFitting } from './offers/closingParts'
export { type DriveSet, driveSetEdit, driveSets } from './offers/driveSets'
export { helpfulChanges } from './offers/helpfulChanges'
export type { HelpfulChange, PutIn } from './offers/putIn'
export { smallerSets } from './offers/smallerSets'
export { triedParts, tryableParts } from './offers/partSwap'
export { type WorthwhileChange, worthwhileChanges } from './offers/worthwhileChanges'
export { cardLoads } from './paths/cardLoads'
export { addressPlan, type PlannedCable } from './paths/addressPlan'
export { machineReadRate } from './paths/machineReadRate'
export { maxMinFair } from './paths/maxMinFair'
export { type SwitchPorts, switchPorts } from './paths/switchPorts'
export { type ReaderCable, readerCable } from './paths/readerCable'
export { type ReaderFigures, readerFigures } from './paths/readerFigures'
export { readerPaths } from './paths/readerPaths'
export { readerSentence } from './paths/readerSentence'
export { readerCounts } from './paths/readerCounts'
export { readersOf } from './paths/readersOf'
export { type ScenarioRates, scenarioRates } from './paths/scenarioRates'
export { NO_CHOICE, type Scenario, type ScenarioChoice } from './paths/scenarios/scenario'
export { scenarios } from './paths/scenarios/scenarios'
export { type SpeedUp, type SpeedUpChange, speedUpEdit, speedUps } from './paths/speedUps'
export {
  type Candidate,
  CANDIDATE_COLUMNS,
  type CandidateColumn,
  type CandidateDrive,
} from './pool/candidates/candidate'
export { candidates } from './pool/candidates/candidates'
export type { DataLoss } from './pool/dedicatedParity/dataLossByFailures'
export type { CapacityFigure } from './pool/designCapacity'
export { familyOf, layoutFamilies } from './pool/families'
export type { CapacityAnswer, Layout, LayoutFamily, SizedDrive, Traits } from './pool/layoutFamily'
export { poolFigures } from './pool/poolFigures'
export { membersAway, poolState, type PoolStateName } from './pool/poolState'
export { countedGroups } from './pool/survival/countedGroups'
export { type PulledPool, pullDrives, smallestFatalSets } from './pool/survival/pullDrives'
export { type SharedPart, sharedParts } from './pool/survival/sharedParts'
export { survivalByCounting, type SurvivalRow } from './pool/survival/survivalByCounting'
export { suggestedHomes } from './pool/suggestedHomes'
export { blockEfficiency } from './pool/zfs/blockEfficiency'
export { spareLayout } from './pool/zfs/spareLayout'
export { vdevKinds } from './pool/zfs/vdevKinds'
export type { ZfsVdevKindName } from './design/pools/zfsPool'
export type { PoolStanding, PoolWish } from './limits/poolStandings'
export { averagePricePerKilowattHourMinor } from './power/averagePrice'
export { type AgainstPlan, againstPlan } from './readings/againstPlan'
export { type Cause, differenceCauses } from './readings/differenceCauses'
export { dayOf } from './power/dayOf'
export type { DayPower } from './power/dayPower'
export { energyPerYearKilowattHours } from './power/energyPerYear'
export type { PowerFigure, PowerTerm } from './power/idlePower'
export { machineDay } from './power/machineDay'
export { machineStates } from './power/machineStates'
export { readingDrives } from './power/readingDrives'
export { type Saving, savings } from './power/savings'
export { type SpinDown, spinDown } from './power/spinDown'
export type { StatePower } from './power/statePower'
export { type PowerIn, statePowers } from './power/statePowers'
export { supplyLoss } from './power/supplyLoss'
export { upsHolds } from './power/upsRuntime'
export type { Band } from './units/band'
export type { DeviceFigure } from './services/deviceFigure'
export { driveWritesPerDay } from './services/driveWritesPerDay'
export { memoryPlan } from './services/memoryPlan'
export { memoryWanted } from './services/memoryWanted'
export { readsSpared } from './services/readsSpared'
export type { ServiceDevice } from './services/serviceDevices'
export { ROLES_OF_FAMILY } from './services/rolesOfFamily'
export { type ServiceFigure, type ServicesFigure, servicesFigure } from './services/servicesFigure'
export { slowestWait, syncWriteWait } from './services/syncWriteWait'
export { type AirFlow, airFlow } from './heat/airFlow'
export { type HeatFigure, HOTTEST_STATE, machineHeat } from './heat/machineHeat'
export { dutyFor } from './heat/dutyFor'
export { warmestRow } from './heat/warmestRow'
export { machineNoise, NOISE_STATES, type NoiseState } from './noise/machineNoise'
export { type CoolingWay, coolingWays } from './offers/coolingWays'
export { stagedWiring } from './power/stagedWiring'
export { type StartCurve, startCurve } from './power/startCurve'
export { startInGroups } from './power/startInGroups'
export { startSurge } from './power/startSurge'
export { type CsvReading, readingsCsv } from './readings/readingsCsv'
export { type SimulatedReading, simulatedMeter } from './readings/simulatedMeter'
export { type PullTest, pullTest } from './readings/pullTest'
export { presentPieces } from './machine/presentPieces'
export { hasFilter, placeOf } from './heat/caseBranches'
export { casedFans, FAN_SIZES_MM, type FanPlace } from './heat/casedFans'
export { lowestByDay } from './prices/lowestByDay'
export { type PriceFigures, priceFigures, UNUSUAL_SHARE } from './prices/priceFigures'
export { atTheDoor, type PriceObservation } from './prices/priceObservation'
export { type BurnInAtOnce, burnInAtOnce } from './proving/burnInAtOnce'
export { type BurnInPlan, burnInPlan } from './proving/burnInPlan'
export { type BurnInProgress, burnInProgress, movedBytes } from './proving/burnInProgress'
export { insteadOfPlan, type InsteadOfPlan } from './proving/insteadOfPlan'
export { partFromSeen } from './proving/partFromSeen'
export {
  cleanDrives,
  type ErrorsBetween,
  errorsOverTime,
  readingsOf,
} from './proving/errorsOverTime'
export { BENCH_STAGES, type BenchStep, benchSteps } from './proving/benchSteps'
export { benchStepWords } from './proving/benchStepWords'
export { readCollected } from './proving/collected/readCollected'
export type { SeenDrive, SeenMachine, SmartReading } from './proving/collected/seenMachine'
export {
  type DriveVerdict,
  driveVerdict,
  type JudgedDrive,
  type SmartReason,
} from './proving/driveVerdict'
export {
  type PairDifference,
  type SeenAgainstFitted,
  seenAgainstFitted,
  serialsToNote,
} from './proving/seenAgainstFitted'
export {
  NEW_MACHINE,
  NO_FAULTS,
  type SimulatedFaults,
  simulatedMachine,
} from './proving/simulatedMachine'
export { nextSwap, type Swap } from './proving/tracing/nextSwap'
export { type Suspect, suspectsOf } from './proving/tracing/suspects'
export { type RankedSuspects, traceFault } from './proving/tracing/traceFault'
export { type DriveNote, driveNotes } from './logging/driveNotes'
export { type FillTrend, fillTrend } from './logging/fillTrend'
export {
  EVENT_KINDS,
  type EventKind,
  eventsCsv,
  type LogEvent,
  smartCsv,
  temperaturesCsv,
} from './logging/logCsv'
export { type Reminder, reminders } from './logging/reminders'
export { endOfSerial, type Label, labels } from './proving/labels'
export { type AwayDrive, awayDrives } from './logging/awayDrives'
export { MS_PER_HOUR } from './units/time'
