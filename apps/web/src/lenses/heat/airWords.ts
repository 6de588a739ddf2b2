import { type AirFlow, type HeatFigure, missingWords, type Words } from '@flint/core/figures'
import { flowWords } from './heatWords'

/** What moves through the case, in sentences, with what of it is assumed. */
export function airWords(flow: AirFlow | null, { board }: HeatFigure, words: Words): string {
  const { format } = words
  if (!flow) {
    return 'Nothing guides the air here: drives and board stand in the room, and moving air is up to its draughts.'
  }
  const said = [
    `About ${format.number(flow.pastDrives.likely)} m³/h go past the drives (${flowWords(flow.pastDrives)}) and ${format.number(flow.pastBoard.likely)} leave the case; at cards and board the air moves at ${format.number(board.metresPerSecond.low, 1)} to ${format.number(board.metresPerSecond.high, 1)} m/s.`,
  ]
  if (flow.fans.length === 0) {
    said.push('No fans move it but that of the supply, if there is one: warm air rises by itself.')
  }
  if (flow.isAcross) {
    said.push(
      'Its air does not go from front to rear: how much of it meets the drives nobody can tell without measuring.',
    )
  }
  if (!flow.placesKnown) {
    said.push(
      'Where the fans stand is assumed, between drives and board: the data sheet of the case gives no places.',
    )
  }
  if (flow.missing.length > 0) {
    said.push(`Usual values are taken where nobody says it: ${missingWords(flow.missing, words)}.`)
  }
  return said.join(' ')
}
