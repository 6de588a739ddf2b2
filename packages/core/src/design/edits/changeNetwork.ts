import type { Design } from '../design'
import type { PortUse } from '../networkChoices'
import type { NetworkPortRef, Reader } from '../readers'

export const samePortRef = (one: NetworkPortRef, other: NetworkPortRef): boolean =>
  one.pieceId === other.pieceId && one.number === other.number

/** Says what a network port is for; null lets it be worked out. */
export function usePort(design: Design, port: NetworkPortRef, use: PortUse | null): Design {
  const others = design.network.ports.filter((one) => !samePortRef(one.port, port))
  const ports = use === null ? others : [...others, { port, use }]
  return { ...design, network: { ...design.network, ports } }
}

/** Says which blocks of addresses the house uses already. */
export function ownBlocks(design: Design, blocks: readonly string[]): Design {
  return { ...design, network: { ...design.network, ownBlocks: [...blocks] } }
}

/** Adds a reader, or changes the one with the same id. */
export function putReader(design: Design, reader: Reader): Design {
  const { readers } = design.brief
  const isThere = readers.some(({ id }) => id === reader.id)
  return withReaders(
    design,
    isThere ? readers.map((one) => (one.id === reader.id ? reader : one)) : [...readers, reader],
  )
}

export function removeReader(design: Design, readerId: string): Design {
  return withReaders(
    design,
    design.brief.readers.filter(({ id }) => id !== readerId),
  )
}

function withReaders(design: Design, readers: Reader[]): Design {
  return { ...design, brief: { ...design.brief, readers } }
}
