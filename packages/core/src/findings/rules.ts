import type { Finding, Severity } from '../judging/finding'
import type { FindingOf } from '../judging/rule'
import { laterMoneyOverLimit } from './brief/laterMoneyOverLimit'
import { lossTooLarge } from './brief/lossTooLarge'
import { networkTooSlow } from './brief/networkTooSlow'
import { outageTooLong } from './brief/outageTooLong'
import { tooFewFreeSlots } from './brief/tooFewFreeSlots'
import { noSecondCopy } from './capacity/noSecondCopy'
import { tooFewFailuresSurvived } from './capacity/tooFewFailuresSurvived'
import { tooFewFreeBays } from './capacity/tooFewFreeBays'
import { tooSmall } from './capacity/tooSmall'
import { cardBracket } from './core/cardBracket'
import { cardTooLong } from './core/cardTooLong'
import { coolerSocket } from './core/coolerSocket'
import { coolerTooWeak } from './core/coolerTooWeak'
import { cpuNeedsBios } from './core/cpuNeedsBios'
import { cpuSocket } from './core/cpuSocket'
import { cpuTooHungry } from './core/cpuTooHungry'
import { cpuWithoutCooler } from './core/cpuWithoutCooler'
import { cpuWithoutSocket } from './core/cpuWithoutSocket'
import { switchCannotJoin } from './network/switchCannotJoin'
import { switchPortsShort } from './network/switchPortsShort'
import { cpuLanesShort } from './core/cpuLanesShort'
import { deadFreeSlots } from './core/deadFreeSlots'
import { finsAcrossAirflow } from './core/finsAcrossAirflow'
import { littleMemory } from './core/littleMemory'
import { memoryType } from './core/memoryType'
import { noDisplayOutput } from './core/noDisplayOutput'
import { noEcc } from './core/noEcc'
import { noSlotForCard } from './core/noSlotForCard'
import { partMissing } from './core/partMissing'
import { sataPortsDiffer } from './core/sataPortsDiffer'
import { slotsShareLanes } from './core/slotsShareLanes'
import { tooFewFanHeaders } from './core/tooFewFanHeaders'
import { tooFewPowerPlugs } from './core/tooFewPowerPlugs'
import { tooManyModules } from './core/tooManyModules'
import { tooMuchMemory } from './core/tooMuchMemory'
import { channelsUneven } from './core/channelsUneven'
import { unequalModules } from './core/unequalModules'
import { cardWithoutAir } from './heat/cardWithoutAir'
import { drivesWarm } from './heat/drivesWarm'
import { fanWithoutPlace } from './heat/fanWithoutPlace'
import { moreOutThanIn } from './heat/moreOutThanIn'
import { passiveCoolerWithoutAir } from './heat/passiveCoolerWithoutAir'
import { roomTooWarm } from './heat/roomTooWarm'
import { supplyFanStarved } from './heat/supplyFanStarved'
import { tooLoud } from './heat/tooLoud'
import { clusterSize } from './layout/clusterSize'
import { ashiftTooSmall } from './layout/ashiftTooSmall'
import { driveDoesNotFitBay } from './layout/driveDoesNotFitBay'
import { drivesInNoGroup } from './layout/drivesInNoGroup'
import { experimentalLayout } from './layout/experimentalLayout'
import { memberOnTheBench } from './layout/memberOnTheBench'
import { memberSentBack } from './layout/memberSentBack'
import { poolRebuilding } from './layout/poolRebuilding'
import { mixedSizes } from './layout/mixedSizes'
import { noParityDrive } from './layout/noParityDrive'
import { noPool } from './layout/noPool'
import { noRedundancy } from './layout/noRedundancy'
import { poolCannotBeMade } from './layout/poolCannotBeMade'
import { nothingUsable } from './layout/nothingUsable'
import { raidCacheUnprotected } from './layout/raidCacheUnprotected'
import { raidCardUnderPool } from './layout/raidCardUnderPool'
import { shingledDrives } from './layout/shingledDrives'
import { singleParityLargeDrives } from './layout/singleParityLargeDrives'
import { spareTooSmall } from './layout/spareTooSmall'
import { unequalRedundancy } from './layout/unequalRedundancy'
import { usbUnderPool } from './layout/usbUnderPool'
import { veryWideGroup } from './layout/veryWideGroup'
import { writeHole } from './layout/writeHole'
import { deviceOverfilled } from './cache/deviceOverfilled'
import { deviceSharedByPools } from './cache/deviceSharedByPools'
import { fastTierNotMirrored } from './cache/fastTierNotMirrored'
import { fastTierSlowsDown } from './cache/fastTierSlowsDown'
import { logNoFaster } from './cache/logNoFaster'
import { memoryBeforeReadCache } from './cache/memoryBeforeReadCache'
import { smallBlocksTakeAll } from './cache/smallBlocksTakeAll'
import { logNotMirrored } from './cache/logNotMirrored'
import { logUnused } from './cache/logUnused'
import { logWithoutPowerProtection } from './cache/logWithoutPowerProtection'
import { metadataWeakerThanPool } from './cache/metadataWeakerThanPool'
import { mirrorOfEquals } from './cache/mirrorOfEquals'
import { readCacheMirrored } from './cache/readCacheMirrored'
import { serviceOnMember } from './cache/serviceOnMember'
import { serviceTooSmall } from './cache/serviceTooSmall'
import { serviceWithoutDevice } from './cache/serviceWithoutDevice'
import { systemInHotSwapBay } from './cache/systemInHotSwapBay'
import { wornOutSoon } from './cache/wornOutSoon'
import { costOverLimit } from './money/costOverLimit'
import { otherCurrency } from './money/otherCurrency'
import { priceNotKnown } from './money/priceNotKnown'
import { cardThrottled } from './paths/cardThrottled'
import { flashOnSlowPort } from './paths/flashOnSlowPort'
import { pinsNotKept } from './paths/pinsNotKept'
import { sharedPartFatal } from './paths/sharedPartFatal'
import { angledPlugs } from './ports/angledPlugs'
import { cableSurplus } from './ports/cableSurplus'
import { cableTooShort } from './ports/cableTooShort'
import { cablesMissing } from './ports/cablesMissing'
import { controllerNeedsBios } from './ports/controllerNeedsBios'
import { drivesOnBoth } from './ports/drivesOnBoth'
import { fanOutDirection } from './ports/fanOutDirection'
import { m2NoSocket } from './ports/m2NoSocket'
import { m2TooLong } from './ports/m2TooLong'
import { m2WithoutHeatSink } from './ports/m2WithoutHeatSink'
import { m2SilencesSata } from './ports/m2SilencesSata'
import { noCableReaches } from './ports/noCableReaches'
import { nvmeNotReached } from './ports/nvmeNotReached'
import { sasOnSata } from './ports/sasOnSata'
import { tooFewPorts } from './ports/tooFewPorts'
import { usbPortMissing } from './ports/usbPortMissing'
import { adapterOverloaded } from './power/adapterOverloaded'
import { brickTooSmall } from './power/brickTooSmall'
import { deepIdleVetoed } from './power/deepIdleVetoed'
import { enclosureWaitsForButton } from './power/enclosureWaitsForButton'
import { fiveVoltSurge } from './power/fiveVoltSurge'
import { idleOverLimit } from './power/idleOverLimit'
import { leadOverloaded } from './power/leadOverloaded'
import { longDaisyChain } from './power/longDaisyChain'
import { mouldedSplitter } from './power/mouldedSplitter'
import { pairInOneSocket } from './power/pairInOneSocket'
import { plugOverloaded } from './power/plugOverloaded'
import { powerNotKnown } from './power/powerNotKnown'
import { railOverloaded } from './power/railOverloaded'
import { startSurgeTooHigh } from './power/startSurgeTooHigh'
import { staysOffAfterOutage } from './power/staysOffAfterOutage'
import { supplyTooSmall } from './power/supplyTooSmall'
import { upsSocketsShort } from './power/upsSocketsShort'
import { upsTooShort } from './power/upsTooShort'
import { upsTooSmall } from './power/upsTooSmall'
import { upsWrongSide } from './power/upsWrongSide'
import { wallNotKnown } from './power/wallNotKnown'
import { boardSizeNotTaken } from './shell/boardSizeNotTaken'
import { boardTooDeep } from './shell/boardTooDeep'
import { cageDoesNotFit } from './shell/cageDoesNotFit'
import { coolerTooTall } from './shell/coolerTooTall'
import { heavyToLift } from './shell/heavyToLift'
import { noPlugRoom } from './shell/noPlugRoom'
import { noRoomInPlace } from './shell/noRoomInPlace'
import { soldApart } from './shell/soldApart'
import { supplyDoesNotFit } from './shell/supplyDoesNotFit'
import { supplyOverBoard } from './shell/supplyOverBoard'
import { tooFewCardOpenings } from './shell/tooFewCardOpenings'

/** Every rule. A new one is one file in the folder of its subject and one line here. */
export const rules = [
  boardSizeNotTaken,
  boardTooDeep,
  supplyDoesNotFit,
  coolerTooTall,
  cageDoesNotFit,
  tooFewCardOpenings,
  noRoomInPlace,
  noPlugRoom,
  brickTooSmall,
  partMissing,
  cpuSocket,
  coolerSocket,
  cpuWithoutSocket,
  cpuWithoutCooler,
  cpuNeedsBios,
  cpuTooHungry,
  coolerTooWeak,
  memoryType,
  tooManyModules,
  tooMuchMemory,
  cardBracket,
  cardTooLong,
  noSlotForCard,
  slotsShareLanes,
  cardThrottled,
  pinsNotKept,
  m2NoSocket,
  m2TooLong,
  usbPortMissing,
  controllerNeedsBios,
  noDisplayOutput,
  tooFewPowerPlugs,
  tooFewFanHeaders,
  noPool,
  poolCannotBeMade,
  nothingUsable,
  memberOnTheBench,
  memberSentBack,
  poolRebuilding,
  noParityDrive,
  driveDoesNotFitBay,
  tooFewPorts,
  sasOnSata,
  nvmeNotReached,
  noCableReaches,
  angledPlugs,
  fanOutDirection,
  cablesMissing,
  cableTooShort,
  supplyTooSmall,
  startSurgeTooHigh,
  fiveVoltSurge,
  plugOverloaded,
  longDaisyChain,
  mouldedSplitter,
  adapterOverloaded,
  leadOverloaded,
  railOverloaded,
  upsTooSmall,
  upsTooShort,
  upsSocketsShort,
  upsWrongSide,
  pairInOneSocket,
  wallNotKnown,
  tooSmall,
  tooFewFailuresSurvived,
  noRedundancy,
  experimentalLayout,
  spareTooSmall,
  singleParityLargeDrives,
  shingledDrives,
  ashiftTooSmall,
  unequalRedundancy,
  veryWideGroup,
  sharedPartFatal,
  tooFewFreeBays,
  costOverLimit,
  otherCurrency,
  priceNotKnown,
  idleOverLimit,
  laterMoneyOverLimit,
  tooLoud,
  roomTooWarm,
  drivesWarm,
  supplyFanStarved,
  cardWithoutAir,
  passiveCoolerWithoutAir,
  moreOutThanIn,
  fanWithoutPlace,
  networkTooSlow,
  outageTooLong,
  lossTooLarge,
  tooFewFreeSlots,
  powerNotKnown,
  deepIdleVetoed,
  raidCardUnderPool,
  raidCacheUnprotected,
  usbUnderPool,
  noEcc,
  littleMemory,
  finsAcrossAirflow,
  supplyOverBoard,
  m2SilencesSata,
  m2WithoutHeatSink,
  readCacheMirrored,
  metadataWeakerThanPool,
  logWithoutPowerProtection,
  logNoFaster,
  memoryBeforeReadCache,
  smallBlocksTakeAll,
  logNotMirrored,
  logUnused,
  serviceTooSmall,
  fastTierNotMirrored,
  wornOutSoon,
  deviceOverfilled,
  deviceSharedByPools,
  serviceOnMember,
  serviceWithoutDevice,
  systemInHotSwapBay,
  mirrorOfEquals,
  fastTierSlowsDown,
  channelsUneven,
  unequalModules,
  drivesOnBoth,
  flashOnSlowPort,
  cpuLanesShort,
  switchCannotJoin,
  switchPortsShort,
  deadFreeSlots,
  staysOffAfterOutage,
  enclosureWaitsForButton,
  sataPortsDiffer,
  soldApart,
  heavyToLift,
  mixedSizes,
  writeHole,
  clusterSize,
  drivesInNoGroup,
  cableSurplus,
  noSecondCopy,
] as const

/** Anything that is found, its facts told apart by its code. */
export type AnyFinding = FindingOf<(typeof rules)[number]>
export type FindingCode = AnyFinding['code']

/** What blocks comes first. */
export const SEVERITY_WEIGHT: Record<Severity, number> = { blocks: 0, risks: 1, note: 2 }

/** The worst first; within a severity in the order of the rules. */
export function inOrderOfWeight<One extends Pick<Finding, 'severity'>>(
  findings: readonly One[],
): One[] {
  return [...findings].sort(
    (one, other) => SEVERITY_WEIGHT[one.severity] - SEVERITY_WEIGHT[other.severity],
  )
}
