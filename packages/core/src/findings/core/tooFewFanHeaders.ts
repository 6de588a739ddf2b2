import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import type { Rule } from '../../judging/rule'
import { sheetName } from '../../judging/sheetName'
import { type Machine, pieceOf } from '../../machine/machine'

/** More fans than headers: the case's own, the coolers', those of cages and those added. */
export const tooFewFanHeaders: Rule = ({ machine }, format) => {
  const chassis = pieceOf(machine, 'chassis')
  const board = pieceOf(machine, 'board')
  if (!chassis || !board) return []
  const base = { code: 'too-few-fan-headers', step: 'core' } as const
  const without = machine.unplaced.filter(({ need }) => need === 'fan header')
  const unknown = without.find(({ why }) => why === 'not known')
  const silentPiece = machine.pieces.get(unknown?.pieceId ?? '')
  const { fanHeaders } = board.dataSheet
  if (unknown && silentPiece) {
    return [
      notKnown({
        ...base,
        partIds: [board.id, chassis.id],
        question: 'whether every fan finds a header',
        missing: `the ${fanHeaders === null ? `fan headers of ${sheetName(board.dataSheet)}` : `number of fans in ${sheetName(silentPiece.dataSheet)}`}`,
      }),
    ]
  }
  if (without.length === 0) return []
  const fans = without.length + machine.placed.filter(({ need }) => need === 'fan header').length
  const headers = fanHeaders ?? 0
  return [
    fitFinding({
      ...base,
      severity: 'risks',
      parts: [
        board,
        chassis,
        ...[...new Set(without.map(({ pieceId }) => pieceId))].map((id) => ({ id })),
      ],
      sentence: `${format.counted(fans, 'fan')} for ${format.counted(headers, 'header')}: ${fanWords(machine, format.counted)}. A splitter or hub feeds the rest.`,
      numbers: { fans, fanHeaders: headers },
    }),
  ]
}

/** "3 fans of the case and its cages, one on the cooler, 2 added". */
function fanWords(
  { placed, unplaced, pieces }: Machine,
  counted: (count: number, noun: string) => string,
): string {
  const kinds = [...placed, ...unplaced]
    .filter(({ need }) => need === 'fan header')
    .map(({ pieceId }) => pieces.get(pieceId)?.kind)
  const count = (...some: string[]): number =>
    kinds.filter((kind) => kind !== undefined && some.includes(kind)).length
  const coolers = count('cooler')
  const ofCase = count('chassis', 'cage')
  const onCooler = coolers === 0 ? 'none' : coolers === 1 ? 'one' : String(coolers)
  return `${counted(ofCase, 'fan')} of the ${count('cage') > 0 ? 'case and its cages' : 'chassis'}, ${onCooler} on ${coolers > 1 ? 'coolers' : 'the cooler'}, ${kinds.length - ofCase - coolers} added`
}
