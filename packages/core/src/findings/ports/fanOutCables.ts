import { DATA_PLUGS, DRIVES_PER_DATA_PLUG } from '../../catalogue/plugs'
import { fittedOfKind } from '../../design/fittedParts'
import { wantedFanOuts } from '../../fit/attachments'
import type { Finding } from '../finding'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/** Fan-out cables wired the wrong way, or not in any box. Both ways look alike. */
export const fanOutCables: Rule = (document, { bays }, say) => {
  const wanted = wantedFanOuts(document, bays)
  const cables = fittedOfKind(document, 'cable').filter(
    ({ sheet }) => isFour(sheet.nearPlug) !== isFour(sheet.farPlug),
  )
  const silent = cables.filter(({ sheet }) => sheet.direction === null)
  const wired = (direction: string): number =>
    cables.filter(({ sheet }) => sheet.direction === direction || sheet.direction === 'either')
      .length
  const cards = fittedOfKind(document, 'controller')
  const inBox = cards.reduce((sum, { sheet }) => sum + (sheet.cablesIncluded ?? 0), 0)
  const boxesSilent = cards.filter(({ sheet }) => sheet.cablesIncluded === null)
  const findings: Finding[] = []
  const plugless = cards.filter(
    ({ sheet }) => sheet.portPlug === null && sheet.drivePorts > 0 && sheet.manner !== 'USB bridge',
  )
  if (plugless.length > 0 && bays.bays.some(({ drive }) => drive !== null)) {
    findings.push(
      notKnown({
        code: 'cables-missing',
        step: 'drives',
        partIds: plugless.map(({ part }) => part.id),
        question: 'which cables the drives want',
        missing: `the plug of the ports of ${sheetName(plugless[0]?.sheet ?? { maker: '', model: '' })}`,
      }),
    )
  }
  const judge = (count: number, have: number, direction: string, other: string): void => {
    if (count <= have) return
    const wrong = cables.filter(({ sheet }) => sheet.direction === other)
    if (wrong.length > 0) {
      findings.push(
        fitFinding({
          code: 'fan-out-direction',
          severity: 'blocks',
          step: 'drives',
          parts: wrong,
          sentence: `${sheetName(wrong[0]?.sheet ?? { maker: '', model: '' })} is wired ${other}; here it must be ${direction}. They look alike, and the wrong one shows no drive.`,
          numbers: { wanted: count, right: have },
        }),
      )
      return
    }
    const open = [...silent, ...(direction === 'controller to drives' ? boxesSilent : [])]
    findings.push(
      open.length > 0
        ? notKnown({
            code: 'cables-missing',
            step: 'drives',
            partIds: open.map(({ part }) => part.id),
            question: `whether there are fan-out cables for the drives`,
            missing:
              silent.length > 0
                ? 'which way the fan-out cable is wired'
                : `the cables in the box of ${sheetName(open[0]?.sheet ?? { maker: '', model: '' })}`,
          })
        : fitFinding({
            code: 'cables-missing',
            severity: 'risks',
            step: 'drives',
            parts: [...cards, ...cables],
            sentence: `${say.counted(count, 'fan-out cable')} wired ${direction} ${count === 1 ? 'is' : 'are'} wanted; ${have === 0 ? 'none is' : `${have} ${have === 1 ? 'is' : 'are'}`} in a box or in the design.`,
            numbers: { wanted: count, have },
          }),
    )
  }
  judge(
    wanted.toDrives,
    wired('controller to drives') + inBox,
    'controller to drives',
    'board to backplane',
  )
  judge(
    wanted.toBackplane,
    wired('board to backplane'),
    'board to backplane',
    'controller to drives',
  )
  return findings
}

const isFour = (plug: string): boolean =>
  DATA_PLUGS.some((one) => one === plug && DRIVES_PER_DATA_PLUG[one] > 1)
