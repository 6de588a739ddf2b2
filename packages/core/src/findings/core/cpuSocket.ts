import { fittedOne } from '../../design/fittedParts'
import type { Finding } from '../finding'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/** CPU or cooler made for another socket than the board has. */
export const cpuSocket: Rule = (document) => {
  const board = fittedOne(document, 'board')
  const cpu = fittedOne(document, 'cpu')
  const cooler = fittedOne(document, 'cooler')
  if (!board) return []
  const { socket } = board.sheet
  const findings: Finding[] = []
  if (cpu && cpu.sheet.socket !== socket) {
    findings.push(
      fitFinding({
        code: 'cpu-socket',
        severity: 'blocks',
        step: 'core',
        parts: [board, cpu],
        sentence: `${sheetName(cpu.sheet)} wants socket ${cpu.sheet.socket}; the board has ${socket}.`,
      }),
    )
  }
  if (!cooler) return findings
  const { sockets } = cooler.sheet
  if (sockets === null) {
    findings.push(
      notKnown({
        code: 'cooler-socket',
        step: 'core',
        partIds: [cooler.part.id],
        question: 'whether the cooler can be mounted',
        missing: `the sockets of ${sheetName(cooler.sheet)}`,
      }),
    )
  } else if (!sockets.includes(socket)) {
    findings.push(
      fitFinding({
        code: 'cooler-socket',
        severity: 'blocks',
        step: 'core',
        parts: [board, cooler],
        sentence: `${sheetName(cooler.sheet)} is mounted on socket ${sockets.join(' or ')}; the board has ${socket}.`,
      }),
    )
  }
  return findings
}
