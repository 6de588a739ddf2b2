import { DATA_PLUGS, DRIVES_PER_DATA_PLUG } from '../../catalogue/plugs'
import type { Finding } from '../../judging/finding'
import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import type { Rule } from '../../judging/rule'
import { sheetName } from '../../judging/sheetName'
import { piecesOf } from '../../machine/machine'
import { type CableLine } from '../../machine/wiring/cableList'
import { cableWords } from '../../machine/wiring/cableWords'

/**
 * Cables with plugs of four lanes that are in no box and not in the design.
 *
 * Plain SATA cables come with boards and cost little; the cable list has them, this rule does not.
 */
export const cablesMissing: Rule = ({ machine }, format) => {
  const { lines, uses } = machine.cables
  const cables = piecesOf(machine, 'cable')
  const cards = piecesOf(machine, 'controller')
  const findings: Finding[] = []
  const withoutPlug = cards.filter(
    ({ dataSheet }) =>
      dataSheet.portPlug === null &&
      dataSheet.drivePorts > 0 &&
      dataSheet.controllerType !== 'USB bridge',
  )
  const base = { code: 'cables-missing', step: 'paths' } as const
  if (withoutPlug[0] && machine.driveIn.size > 0) {
    findings.push(
      notKnown({
        ...base,
        partIds: withoutPlug.map(({ id }) => id),
        question: 'which cables the drives want',
        missing: `the plug of the ports of ${sheetName(withoutPlug[0].dataSheet)}`,
      }),
    )
  }
  const wide = lines.filter(({ need }) => isFour(need.nearPlug) || isFour(need.farPlug))
  const used = new Set(uses.flatMap(({ use, partId }) => (use === 'used' ? [partId] : [])))
  // A cable that nobody knows the way of serves a line on paper, and may show no drive; or it serves none,
  // and might if it were known.
  const unsure = wide.flatMap(({ need, from }) =>
    need.direction === 'either'
      ? []
      : cables.filter(
          ({ id, dataSheet }) =>
            dataSheet.direction === null &&
            isFour(dataSheet.nearPlug) !== isFour(dataSheet.farPlug) &&
            (id === from?.partId || (from === null && !used.has(id))),
        ),
  )
  if (unsure[0]) {
    findings.push(
      notKnown({
        ...base,
        partIds: [...new Set(unsure.map(({ id }) => id))],
        question: 'whether there are fan-out cables for the drives',
        missing: `which way ${sheetName(unsure[0].dataSheet)} is wired`,
      }),
    )
  }
  // Where the plugs of a controller are not known, the cables that stand in for it are not wanted for sure; and
  // a cable that is there but too short, turned or angled is another rule's matter.
  const almost = new Set(uses.flatMap(({ line }) => (line?.from === null ? [line] : [])))
  const missing =
    withoutPlug.length > 0 ? [] : wide.filter((line) => line.from === null && !almost.has(line))
  const boxNotKnown = cards.filter(
    ({ id, dataSheet }) =>
      dataSheet.cablesIncluded === null && missing.some(({ host }) => host.pieceId === id),
  )
  if (boxNotKnown[0]) {
    findings.push(
      notKnown({
        ...base,
        partIds: boxNotKnown.map(({ id }) => id),
        question: 'whether there are cables for the drives',
        missing: `the cables in the box of ${sheetName(boxNotKnown[0].dataSheet)}`,
      }),
    )
  } else if (missing.length > 0 && unsure.length === 0) {
    findings.push(
      fitFinding({
        ...base,
        severity: 'risks',
        parts: cards.filter(({ id }) => missing.some(({ host }) => host.pieceId === id)),
        sentence: `${format.counted(missing.length, 'cable is', 'cables are')} in no box and not in the design: ${kindsOf(missing).join(', ')}.`,
        numbers: { wanted: wide.length, missing: missing.length },
      }),
    )
  }
  return findings
}

const isFour = (plug: string | null): boolean =>
  DATA_PLUGS.some((one) => one === plug && DRIVES_PER_DATA_PLUG[one] > 1)

/** "3 × SFF-8643 to SFF-8643", each kind once. */
function kindsOf(lines: readonly CableLine[]): string[] {
  const counts = new Map<string, number>()
  for (const { need } of lines) {
    const words = cableWords(need)
    counts.set(words, (counts.get(words) ?? 0) + 1)
  }
  return [...counts].map(([words, count]) => `${count} × ${words}`)
}
