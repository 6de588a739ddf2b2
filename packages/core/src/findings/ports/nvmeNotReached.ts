import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import type { Finding } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { sheetName } from '../../judging/sheetName'
import { piecesOf } from '../../machine/machine'
import { unreachedDrives } from './unreachedDrives'

/** NVMe drives in bays: they need four PCI Express lanes each, which SATA and SAS ports and backplanes do not have. */
export const nvmeNotReached: Rule = ({ machine }, format): Finding[] => {
  const { nvme } = unreachedDrives(machine)
  if (nvme.length === 0) return []
  const base = { code: 'nvme-not-reached', step: 'paths' } as const
  const blocks = machine.blocks.filter(({ bayIds }) =>
    bayIds.some((id) => nvme.some((drive) => drive.id === machine.driveIn.get(id))),
  )
  const backplane = blocks.find((block) => block.backplane?.carriesNvme === null)
  const bare = blocks.every((block) => !block.backplane || block.backplane.carriesNvme === true)
  const card = piecesOf(machine, 'controller').find(({ dataSheet }) => dataSheet.takesNvme === null)
  const holder = backplane && machine.pieces.get(backplane.pieceId)
  if (holder ?? (bare && card)) {
    const lacking = holder ?? card
    return [
      notKnown({
        ...base,
        partIds: nvme.map(({ id }) => id),
        question: `whether ${format.counted(nvme.length, 'NVMe drive')} can be attached`,
        missing: `whether ${lacking ? sheetName(lacking.dataSheet) : ''} takes NVMe`,
      }),
    ]
  }
  return [
    fitFinding({
      ...base,
      severity: 'blocks',
      parts: nvme,
      sentence: `${format.counted(nvme.length, 'NVMe drive')} in bays cannot be attached: each needs a port with four PCI Express lanes${bare ? '' : ' and a backplane that carries them'}; SATA and SAS have none.`,
      numbers: { drives: nvme.length },
    }),
  ]
}
