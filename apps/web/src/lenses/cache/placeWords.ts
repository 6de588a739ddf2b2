import { allNeeds, type Machine } from '@flint/core/figures'
import { format } from '../../controls/locale'

/** Where a small device is: its bay, tray, socket or port, and what stands between it and the system; empty without. */
export function placeWords({ placed, pieces }: Machine, pieceId: string): string {
  const own = allNeeds(placed).filter((one) => one.pieceId === pieceId)
  return own
    .flatMap(({ need, on }) => {
      const sheet = pieces.get(on.pieceId)?.dataSheet
      const number = format.number(on.number)
      switch (need) {
        case 'bay':
          return sheet?.kind === 'cage' ? [`bay ${number} of ${sheet.model}`] : [`bay ${number}`]
        case 'M.2':
          return sheet?.kind === 'board'
            ? [`M.2 socket ${number}`]
            : [`M.2 socket ${number} of ${sheet?.model ?? 'a card'}`]
        case 'USB port':
          return ['on USB']
        case 'data port':
          return sheet?.kind === 'controller' && sheet.controllerType === 'RAID card'
            ? [`behind the RAID card ${sheet.model}`]
            : []
        default:
          return []
      }
    })
    .join(', ')
}
