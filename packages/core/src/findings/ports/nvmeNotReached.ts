import { unreachedDrives } from './unreachedDrives'
import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { type Machine, piecesOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'
import type { Missing } from '../../units/amount'

interface Facts {
  drives: number
  /** Whether they sit behind a backplane that has no lanes for them. */
  isBehindBackplane: boolean
}

/** NVMe drives in bays: they need four PCI Express lanes each, which SATA and SAS ports and backplanes do not have. */
export const nvmeNotReached: Rule<'nvme-not-reached', Facts> = {
  code: 'nvme-not-reached',
  step: 'paths',
  find: ({ machine }) => {
    const { nvme } = unreachedDrives(machine)
    if (nvme.length === 0) return []
    const blocks = machine.blocks.filter(({ bayIds }) =>
      bayIds.some((id) => nvme.some((drive) => drive.id === machine.driveIn.get(id))),
    )
    const silent = blocks.find((block) => block.backplane?.carriesNvme === null)
    const isBare = blocks.every((block) => !block.backplane || block.backplane.carriesNvme === true)
    if (silent) return [lack(blocksLacking(machine, silent.pieceId), { parts: nvme })]
    const card = piecesOf(machine, 'controller').find(
      ({ dataSheet }) => dataSheet.takesNvme === null,
    )
    if (isBare && card) return [lack(missingOf(card, 'takesNvme'), { parts: nvme })]
    return [found('blocks', { parts: nvme }, { drives: nvme.length, isBehindBackplane: !isBare })]
  },
  sentence: ({ drives, isBehindBackplane }, { format }) =>
    `${format.counted(drives, 'NVMe drive')} in bays cannot be attached: each needs a port with four PCI Express lanes${isBehindBackplane ? ' and a backplane that carries them' : ''}; SATA and SAS have none.`,
  question: 'whether every NVMe drive can be attached',
}

/** The field in which a piece with bays says what its backplane carries. */
function blocksLacking(machine: Machine, pieceId: PieceId): Missing[] {
  const kind = machine.pieces.get(pieceId)?.kind
  return missingOf({ id: pieceId }, kind === 'chassis' ? 'bayBlocks' : 'backplane')
}
