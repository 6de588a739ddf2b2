/** Where things are, for whoever draws them. */
export {
  BOARD_HOLES,
  BOARD_OUTLINES,
  OWN_OUTLINE,
  BRACKET_HEIGHT_MM,
  CARD_PITCH_MM,
  DRIVE_OUTLINES,
  HOLES_FROM_EDGE,
  RACK_UNIT_MM,
  REAR_SOCKETS,
  SUPPLY_ENVELOPES,
} from './catalogue/standards'
export { boardPlane } from './catalogue/boardPlane'
export { isOpenCase } from './catalogue/openCase'
export { coolerClearance } from './fit/coolerClearance'
export { plugRoomMm } from './fit/plugRoom'
export type { Bay, BayBlock } from './machine/bays'
export { bayName } from './machine/bayPlan'
export { type Front, frontsExtent, frontsOf } from './machine/fronts'
export { type CardPlace, cardPlaces } from './machine/cardPlaces'
export {
  BEHIND_DRIVES_MM,
  type Spot,
  spotOfBays,
  spotOfPiece,
  spotOfSupply,
} from './machine/wiring/cableLength'
export { cableWords } from './machine/wiring/cableWords'
export { binaryBytes, GIB, KIB, MIB, TB, TIB } from './units/bytes'
export { cutText } from './units/cutText'
export { driveBytesAsSold } from './units/driveBytesAsSold'
export { type Formatter, formatterFor } from './units/formatter'
export { minorPerMajor } from './units/money'
export { type QuantityProblem, readQuantity } from './units/readQuantity'
