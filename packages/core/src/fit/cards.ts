import type { DesignDocument } from '../design/document'
import { fittedOfKind, type FittedWithSheet } from '../design/fittedParts'

type FittedCard =
  FittedWithSheet<'controller'> | FittedWithSheet<'nic'> | FittedWithSheet<'display'>

/** Every card that wants a slot. */
export function cardsOf(document: DesignDocument): FittedCard[] {
  return [
    ...fittedOfKind(document, 'controller').filter(
      ({ sheet }) => sheet.sitsIn === null || sheet.sitsIn === 'slot',
    ),
    ...fittedOfKind(document, 'nic'),
    ...fittedOfKind(document, 'display'),
  ]
}
