import { DATA_PLUGS, DRIVES_PER_DATA_PLUG } from '../../catalogue/plugs'
import { fittedOfKind } from '../../design/fittedParts'
import { cableWords } from '../../paths/wiring/cableWords'
import type { CableLine } from '../../paths/wiring/cableList'
import { cablesOf } from '../../paths/wiring/wiring'
import type { Finding } from '../finding'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/**
 * Cables with plugs of four lanes that are in no box, or fan-outs wired the wrong way: both ways look alike.
 *
 * Plain SATA cables come with boards and cost little; the cable list has them, this rule does not.
 */
export const cablesMissing: Rule = (document, { bays }, say) => {
  const lines = cablesOf(document, bays)
  const cables = fittedOfKind(document, 'cable')
  const cards = fittedOfKind(document, 'controller')
  const findings: Finding[] = []
  const plugless = cards.filter(
    ({ sheet }) => sheet.portPlug === null && sheet.drivePorts > 0 && sheet.manner !== 'USB bridge',
  )
  if (plugless[0] && bays.bays.some(({ drive }) => drive !== null)) {
    findings.push(
      notKnown({
        code: 'cables-missing',
        step: 'paths',
        partIds: plugless.map(({ part }) => part.id),
        question: 'which cables the drives want',
        missing: `the plug of the ports of ${sheetName(plugless[0].sheet)}`,
      }),
    )
  }
  const wide = lines.filter(({ need }) => isFour(need.nearPlug) || isFour(need.farPlug))
  const used = new Set(lines.flatMap(({ from }) => from?.partId ?? []))
  // A cable that nobody knows the way of serves a line on paper, and may show no drive; or it serves none,
  // and might if it were known.
  const unsure = wide.flatMap(({ need, from }) =>
    need.direction === 'either'
      ? []
      : cables.filter(
          ({ part, sheet }) =>
            sheet.direction === null &&
            isFour(sheet.nearPlug) !== isFour(sheet.farPlug) &&
            (part.id === from?.partId || (from === null && !used.has(part.id))),
        ),
  )
  if (unsure[0]) {
    findings.push(
      notKnown({
        code: 'cables-missing',
        step: 'paths',
        partIds: [...new Set(unsure.map(({ part }) => part.id))],
        question: 'whether there are fan-out cables for the drives',
        missing: `which way ${sheetName(unsure[0].sheet)} is wired`,
      }),
    )
  }
  // Where the plugs of a controller are not known, the cables that stand in for it are not wanted for sure.
  const missing = plugless.length > 0 ? [] : wide.filter(({ from }) => from === null)
  const turned = missing.flatMap(({ need }) =>
    cables.filter(
      ({ part, sheet }) =>
        !used.has(part.id) && need.direction !== 'either' && isTurned(sheet.direction, need),
    ),
  )
  if (turned[0]) {
    const direction = missing.find(({ need }) => need.direction !== 'either')?.need.direction
    findings.push(
      fitFinding({
        code: 'fan-out-direction',
        severity: 'blocks',
        step: 'paths',
        parts: [...new Set(turned)],
        sentence: `${sheetName(turned[0].sheet)} is wired ${turned[0].sheet.direction ?? ''}; here it must be ${direction ?? ''}. They look alike, and the wrong one shows no drive.`,
        numbers: { wanted: missing.length },
      }),
    )
    return findings
  }
  const boxesSilent = cards.filter(
    ({ part, sheet }) =>
      sheet.cablesIncluded === null && missing.some(({ cable }) => cable.host.partId === part.id),
  )
  if (boxesSilent[0]) {
    findings.push(
      notKnown({
        code: 'cables-missing',
        step: 'paths',
        partIds: boxesSilent.map(({ part }) => part.id),
        question: 'whether there are cables for the drives',
        missing: `the cables in the box of ${sheetName(boxesSilent[0].sheet)}`,
      }),
    )
  } else if (missing.length > 0 && unsure.length === 0) {
    findings.push(
      fitFinding({
        code: 'cables-missing',
        severity: 'risks',
        step: 'paths',
        parts: [...cards, ...cables].filter(({ part }) =>
          missing.some(({ cable }) => cable.host.partId === part.id),
        ),
        sentence: `${say.counted(missing.length, 'cable is', 'cables are')} in no box and not in the design: ${kindsOf(missing).join(', ')}.`,
        numbers: { wanted: wide.length, missing: missing.length },
      }),
    )
  }
  return findings
}

const isFour = (plug: string | null): boolean =>
  DATA_PLUGS.some((one) => one === plug && DRIVES_PER_DATA_PLUG[one] > 1)

const isTurned = (direction: string | null, need: CableLine['need']): boolean =>
  direction !== null && direction !== 'either' && direction !== need.direction

/** "3 × SFF-8643 to SFF-8643", each kind once. */
function kindsOf(lines: readonly CableLine[]): string[] {
  const counts = new Map<string, number>()
  for (const { need } of lines) {
    const words = cableWords(need)
    counts.set(words, (counts.get(words) ?? 0) + 1)
  }
  return [...counts].map(([words, count]) => `${count} × ${words}`)
}
