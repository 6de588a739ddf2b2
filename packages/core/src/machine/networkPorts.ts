import { inKindOrder, type PiecesByKind, type PieceId } from './piece'

export interface NetworkPort {
  /** For looking it up; never taken apart. */
  id: string
  partId: PieceId
  /** Which port of the piece it is, counted from 1. */
  number: number
  /** Of the board or card that it is on. */
  model: string
  plug: string | null
  bitsPerSecond: number
}

/** Every network port of board and cards whose speed is known, the quickest first. */
export function networkPorts(pieces: PiecesByKind): NetworkPort[] {
  const found = inKindOrder(pieces).flatMap(({ id, dataSheet, offers }) => {
    let number = 0
    return offers
      .filter((offer) => offer.kind === 'network port')
      .flatMap(({ plug, bitsPerSecond, count }) =>
        Array.from({ length: bitsPerSecond === null ? 0 : count }, (): NetworkPort => {
          number += 1
          return {
            id: `${id}:${number}`,
            partId: id,
            number,
            model: dataSheet.model,
            plug,
            bitsPerSecond: bitsPerSecond ?? 0,
          }
        }),
      )
  })
  return found.sort((one, other) => other.bitsPerSecond - one.bitsPerSecond)
}
