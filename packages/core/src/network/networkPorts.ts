import type { NicSheet } from '../catalogue/kinds/nic'
import type { DesignDocument } from '../design/document'
import { fittedOfKind } from '../design/fittedParts'

export interface NetworkPort {
  /** `board-1:1`, counted over all ports of the part. */
  id: string
  partId: string
  /** Of the board or card that it is on. */
  model: string
  plug: NicSheet['plug']
  bitsPerSecond: number
}

/** Every network port of board and cards whose speed is known, the quickest first. */
export function networkPorts(document: DesignDocument): NetworkPort[] {
  const found: NetworkPort[] = []
  const add = (
    partId: string,
    model: string,
    { plug, bitsPerSecond, count }: Pick<NetworkPort, 'plug' | 'bitsPerSecond'> & { count: number },
  ): void => {
    const before = found.filter((one) => one.partId === partId).length
    for (let port = 1; port <= count; port += 1) {
      found.push({ id: `${partId}:${before + port}`, partId, model, plug, bitsPerSecond })
    }
  }
  for (const { part, sheet } of fittedOfKind(document, 'board')) {
    for (const port of sheet.networkPorts ?? []) add(part.id, sheet.model, port)
  }
  for (const { part, sheet } of fittedOfKind(document, 'nic')) {
    const { plug, bitsPerSecond, ports: count } = sheet
    if (bitsPerSecond !== null) add(part.id, sheet.model, { plug, bitsPerSecond, count })
  }
  return found.sort((one, other) => other.bitsPerSecond - one.bitsPerSecond)
}
