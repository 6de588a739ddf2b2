import { limitsNotKept } from './brief/limitsNotKept'
import { cardsDoNotFit } from './core/cardsDoNotFit'
import { coolerTooWeak } from './core/coolerTooWeak'
import { cpuNeedsBios } from './core/cpuNeedsBios'
import { cpuSocket } from './core/cpuSocket'
import { cpuTooHungry } from './core/cpuTooHungry'
import { finsAcrossAirflow } from './core/finsAcrossAirflow'
import { memoryDoesNotFit } from './core/memoryDoesNotFit'
import { memoryForCapacity } from './core/memoryForCapacity'
import { noDisplayOutput } from './core/noDisplayOutput'
import { noEcc } from './core/noEcc'
import { sataPortsDiffer } from './core/sataPortsDiffer'
import { tooFewFanHeaders } from './core/tooFewFanHeaders'
import { tooFewPowerPlugs } from './core/tooFewPowerPlugs'
import { slotsShareLanes } from './core/slotsShareLanes'
import { cardOpenings } from './shell/cardOpenings'
import { heavyToLift } from './shell/heavyToLift'
import { cageDoesNotFit } from './shell/cageDoesNotFit'
import { supplyOverBoard } from './shell/supplyOverBoard'
import { raidCardUnderPool } from './layout/raidCardUnderPool'
import { angledPlugs } from './ports/angledPlugs'
import { controllerNeedsBios } from './ports/controllerNeedsBios'
import { drivesOnBoth } from './ports/drivesOnBoth'
import { cablesMissing } from './ports/cablesMissing'
import { m2NoSocket } from './ports/m2NoSocket'
import { m2SilencesSata } from './ports/m2SilencesSata'
import { sasOnSata } from './ports/sasOnSata'
import { brickTooSmall } from './power/brickTooSmall'
import { longDaisyChain } from './power/longDaisyChain'
import { mainsSockets } from './power/mainsSockets'
import { mouldedSplitter } from './power/mouldedSplitter'
import { plugOverloaded } from './power/plugOverloaded'
import { staysOffAfterOutage } from './power/staysOffAfterOutage'
import { upsTooSmall } from './power/upsTooSmall'
import { cardThrottled } from './paths/cardThrottled'
import { pinsNotKept } from './paths/pinsNotKept'
import { sharedPartFatal } from './paths/sharedPartFatal'
import { adapterOverloaded } from './power/adapterOverloaded'
import { cableTooShort } from './ports/cableTooShort'
import { noCableReaches } from './ports/noCableReaches'
import { boardSizeNotTaken } from './shell/boardSizeNotTaken'
import { boardTooDeep } from './shell/boardTooDeep'
import { coolerTooTall } from './shell/coolerTooTall'
import { noRoomInPlace } from './shell/noRoomInPlace'
import { supplyDoesNotFit } from './shell/supplyDoesNotFit'
import { traysMissing } from './shell/traysMissing'
import { noSecondCopy } from './capacity/noSecondCopy'
import { tooFewFailuresSurvived } from './capacity/tooFewFailuresSurvived'
import { tooFewFreeBays } from './capacity/tooFewFreeBays'
import { tooSmall } from './capacity/tooSmall'
import type { Finding, Severity } from './finding'
import type { Figures, Rule } from './rule'
import type { DesignDocument } from '../design/document'
import type { Speller } from '../units/speller'
import { clusterSize } from './layout/clusterSize'
import { driveDoesNotFitBay } from './layout/driveDoesNotFitBay'
import { drivesInNoGroup } from './layout/drivesInNoGroup'
import { experimentalLayout } from './layout/experimentalLayout'
import { groupOnTheBench } from './layout/groupOnTheBench'
import { mixedSizes } from './layout/mixedSizes'
import { noPool } from './layout/noPool'
import { noRedundancy } from './layout/noRedundancy'
import { poolCannotBeMade } from './layout/poolCannotBeMade'
import { singleParityLargeDrives } from './layout/singleParityLargeDrives'
import { spareTooSmall } from './layout/spareTooSmall'
import { unequalRedundancy } from './layout/unequalRedundancy'
import { writeHole } from './layout/writeHole'
import { costOverLimit } from './money/costOverLimit'
import { otherCurrency } from './money/otherCurrency'
import { priceNotKnown } from './money/priceNotKnown'
import { tooFewPorts } from './ports/tooFewPorts'
import { deepIdleVetoed } from './power/deepIdleVetoed'
import { powerNotKnown } from './power/powerNotKnown'
import { idleOverLimit } from './power/idleOverLimit'
import { startSurgeTooHigh } from './power/startSurgeTooHigh'
import { wallNotKnown } from './power/wallNotKnown'

/** Every rule. A new one is one file in the folder of its subject and one line here. */
const rules: readonly Rule[] = [
  boardSizeNotTaken,
  boardTooDeep,
  supplyDoesNotFit,
  coolerTooTall,
  cageDoesNotFit,
  cardOpenings,
  noRoomInPlace,
  brickTooSmall,
  cpuSocket,
  cpuNeedsBios,
  cpuTooHungry,
  coolerTooWeak,
  memoryDoesNotFit,
  cardsDoNotFit,
  slotsShareLanes,
  cardThrottled,
  pinsNotKept,
  m2NoSocket,
  controllerNeedsBios,
  noDisplayOutput,
  tooFewPowerPlugs,
  tooFewFanHeaders,
  noPool,
  poolCannotBeMade,
  groupOnTheBench,
  driveDoesNotFitBay,
  tooFewPorts,
  sasOnSata,
  noCableReaches,
  angledPlugs,
  cablesMissing,
  cableTooShort,
  startSurgeTooHigh,
  plugOverloaded,
  longDaisyChain,
  mouldedSplitter,
  adapterOverloaded,
  upsTooSmall,
  mainsSockets,
  wallNotKnown,
  tooSmall,
  tooFewFailuresSurvived,
  noRedundancy,
  experimentalLayout,
  spareTooSmall,
  singleParityLargeDrives,
  unequalRedundancy,
  sharedPartFatal,
  tooFewFreeBays,
  costOverLimit,
  otherCurrency,
  priceNotKnown,
  idleOverLimit,
  limitsNotKept,
  powerNotKnown,
  deepIdleVetoed,
  raidCardUnderPool,
  noEcc,
  memoryForCapacity,
  finsAcrossAirflow,
  supplyOverBoard,
  m2SilencesSata,
  drivesOnBoth,
  staysOffAfterOutage,
  sataPortsDiffer,
  traysMissing,
  heavyToLift,
  mixedSizes,
  writeHole,
  clusterSize,
  drivesInNoGroup,
  noSecondCopy,
]

const WEIGHT: Record<Severity, number> = { blocks: 0, risks: 1, note: 2 }

/** What every rule finds, the worst first; within a severity in the order of the list above. */
export function findingsOf(document: DesignDocument, figures: Figures, say: Speller): Finding[] {
  return rules
    .flatMap((rule) => rule(document, figures, say))
    .sort((one, other) => WEIGHT[one.severity] - WEIGHT[other.severity])
}
