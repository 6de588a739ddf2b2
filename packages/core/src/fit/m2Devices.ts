import type { M2Socket } from '../catalogue/kinds/board'
import type { DesignDocument } from '../design/document'
import { fittedOfKind, fittedOne } from '../design/fittedParts'

export interface M2Device {
  partId: string
  name: string
  /** What it speaks; null when its data sheet does not say. */
  speaks: 'PCIe' | 'SATA' | null
  keys: readonly M2Socket['key'][] | null
}

/** Everything in the design that wants an M.2 socket. */
export function m2DevicesOf(document: DesignDocument): M2Device[] {
  const named = ({ maker, model }: { maker: string; model: string }): string => `${maker} ${model}`
  return [
    ...fittedOfKind(document, 'boot').flatMap(({ part, sheet }): M2Device[] => {
      const speaks =
        sheet.attaches === 'M.2 PCIe' ? 'PCIe' : sheet.attaches === 'M.2 SATA' ? 'SATA' : null
      return speaks ? [{ partId: part.id, name: named(sheet), speaks, keys: sheet.m2Keys }] : []
    }),
    ...fittedOfKind(document, 'drive')
      .filter(({ sheet }) => sheet.formFactor === 'M.2')
      .map(({ part, sheet }): M2Device => {
        const speaks = sheet.plug === 'NVMe' ? 'PCIe' : sheet.plug === 'SATA' ? 'SATA' : null
        return { partId: part.id, name: named(sheet), speaks, keys: sheet.m2Keys }
      }),
    ...fittedOfKind(document, 'controller')
      .filter(({ sheet }) => sheet.sitsIn === 'M.2')
      .map(({ part, sheet }): M2Device => {
        return { partId: part.id, name: named(sheet), speaks: 'PCIe', keys: sheet.m2Keys }
      }),
  ]
}

export interface M2Placement {
  /** For each device, the index of its socket; null when none is left that takes it. */
  socketOf: (number | null)[]
  /** SATA ports of the board that go dead. */
  silencedSataPorts: number
}

/**
 * Into which sockets do these devices go?
 *
 * As many as possible find one, and among the ways to do that, one that silences fewest SATA ports. All
 * ways are tried: boards have few sockets.
 *
 * @param devices each with what it speaks and its keys; one that lacks either goes nowhere
 */
export function placeInM2(sockets: readonly M2Socket[], devices: readonly M2Device[]): M2Placement {
  let best: M2Placement = { socketOf: devices.map(() => null), silencedSataPorts: 0 }
  const placed = ({ socketOf }: M2Placement): number =>
    socketOf.filter((socket) => socket !== null).length
  const current: (number | null)[] = []
  const walk = (index: number, silenced: number): void => {
    const device = devices[index]
    if (!device) {
      const found = { socketOf: [...current], silencedSataPorts: silenced }
      const gain = placed(found) - placed(best)
      if (gain > 0 || (gain === 0 && silenced < best.silencedSataPorts)) best = found
      return
    }
    sockets.forEach((socket, at) => {
      if (current.includes(at) || !takes(socket, device)) return
      current.push(at)
      walk(index + 1, silenced + socket.silencesSataPorts)
      current.pop()
    })
    current.push(null)
    walk(index + 1, silenced)
    current.pop()
  }
  // More devices than sockets cannot all find one, so the rest need not be tried.
  if (devices.length <= sockets.length + 1) walk(0, 0)
  else return extended(placeInM2(sockets, devices.slice(0, sockets.length)), devices.length)
  return best
}

function extended({ socketOf, silencedSataPorts }: M2Placement, length: number): M2Placement {
  const rest = Array.from({ length: length - socketOf.length }, () => null)
  return { socketOf: [...socketOf, ...rest], silencedSataPorts }
}

function takes({ key, carries }: M2Socket, { speaks, keys }: M2Device): boolean {
  if (speaks === null || keys === null) return false
  return keys.includes(key) && (carries === 'both' || carries === speaks)
}

/** SATA ports of the board that work, with what sits in its M.2 sockets. */
export function boardSataPorts(document: DesignDocument): { working: number; silenced: number } {
  const board = fittedOne(document, 'board')?.sheet
  if (!board) return { working: 0, silenced: 0 }
  const devices = m2DevicesOf(document)
  const silenced =
    devices.length === 0 ? 0 : placeInM2(board.m2Sockets ?? [], devices).silencedSataPorts
  return {
    working: Math.max(0, board.sataPorts - silenced),
    silenced: Math.min(silenced, board.sataPorts),
  }
}
