import {
  type LeadRef,
  NO_CHOICES,
  type PathChoices,
  pinCount,
  type PortRef,
  sameEnd,
  samePort,
  type WiringEnd,
} from '../pathChoices'
import type { Design } from '../design'
import { bayIdsOf, fittedWithSheets } from '../fittedParts'

function withPaths(design: Design, change: Partial<PathChoices>): Design {
  return { ...design, paths: { ...design.paths, ...change } }
}

/**
 * Fixes a card to a slot, counted from 1, or lets it go where it goes best, with null. Another card that was
 * fixed there is let go.
 */
export function pinCard(design: Design, cardId: string, slot: number | null): Design {
  const others = design.paths.cardPins.filter(
    (pin) => pin.cardId !== cardId && (slot === null || pin.slot !== slot),
  )
  return withPaths(design, { cardPins: slot === null ? others : [...others, { cardId, slot }] })
}

/** Fixes a device to an M.2 socket of the board, counted from 1, or lets it go with null; as `pinCard` does. */
export function pinM2(design: Design, deviceId: string, socket: number | null): Design {
  const others = design.paths.m2Pins.filter(
    (pin) => pin.deviceId !== deviceId && (socket === null || pin.socket !== socket),
  )
  return withPaths(design, { m2Pins: socket === null ? others : [...others, { deviceId, socket }] })
}

/**
 * Fixes the cable of a bay, a plug of a backplane or a piece to a port, or lets it go with null.
 *
 * @param lanes of the port: so many single drives share one; of those fixed there before, the rest is let go
 */
export function pinPort(design: Design, end: WiringEnd, port: PortRef | null, lanes = 1): Design {
  const isSingle = (one: WiringEnd): boolean => 'bay' in one
  let room = isSingle(end) ? lanes - 1 : 0
  const others = design.paths.portPins.filter((pin) => {
    if (sameEnd(pin.end, end)) return false
    if (port === null || !samePort(pin.port, port)) return true
    room -= 1
    return room >= 0 && isSingle(pin.end)
  })
  return withPaths(design, { portPins: port === null ? others : [...others, { end, port }] })
}

/** Fixes a power plug to a lead of a supply, or lets it go with null. */
export function pinLead(design: Design, end: WiringEnd, lead: LeadRef | null): Design {
  const others = design.paths.leadPins.filter((pin) => !sameEnd(pin.end, end))
  return withPaths(design, { leadPins: lead === null ? others : [...others, { end, lead }] })
}

/** Says whether members of a group go apart or stay on one controller and lead. */
export function keepMembers(design: Design, members: PathChoices['members']): Design {
  return withPaths(design, { members })
}

/** Lets go of everything fixed; whether members stay together is kept. */
export function dropPins(design: Design): Design {
  return withPaths(design, { ...NO_CHOICES, members: design.paths.members })
}

/**
 * Lets go of what was fixed on parts that leave, or are changed for others, so that a later part is not bound by
 * it. With a board go the slots and sockets that were counted on it.
 */
export function withoutPinsOn(design: Design, leaving: ReadonlySet<string>): Design {
  if (pinCount(design.paths) === 0) return design
  const { cardPins, m2Pins, portPins, leadPins } = design.paths
  const gone = fittedWithSheets(design).filter(({ part }) => leaving.has(part.id))
  const boardGone = gone.some(({ sheet }) => sheet.kind === 'board')
  const baysGone = new Set(gone.flatMap(({ part, sheet }) => bayIdsOf(part.id, sheet)))
  for (const { part } of gone) if (part.bay !== null) baysGone.add(part.bay)
  const endGone = (end: WiringEnd): boolean => {
    if ('piece' in end) return leaving.has(end.piece)
    if ('backplane' in end) return leaving.has(end.backplane.pieceId)
    return baysGone.has(end.bay)
  }
  return withPaths(design, {
    cardPins: boardGone ? [] : cardPins.filter(({ cardId }) => !leaving.has(cardId)),
    m2Pins: boardGone ? [] : m2Pins.filter(({ deviceId }) => !leaving.has(deviceId)),
    portPins: portPins.filter(({ end, port }) => !leaving.has(port.pieceId) && !endGone(end)),
    leadPins: leadPins.filter(({ end, lead }) => !leaving.has(lead.supplyId) && !endGone(end)),
  })
}

/** Lets go of some of what was fixed: all slots and sockets, and the ports and leads of these ends. */
export function dropLostPins(
  design: Design,
  { places, ports, leads }: { places: boolean; ports: WiringEnd[]; leads: WiringEnd[] },
): Design {
  const { cardPins, m2Pins, portPins, leadPins } = design.paths
  return withPaths(design, {
    cardPins: places ? [] : cardPins,
    m2Pins: places ? [] : m2Pins,
    portPins: portPins.filter((pin) => !ports.some((end) => sameEnd(end, pin.end))),
    leadPins: leadPins.filter((pin) => !leads.some((end) => sameEnd(end, pin.end))),
  })
}

/** Lets go of everything, so that all of it is worked out. */
export function freePaths(design: Design): Design {
  return { ...design, paths: NO_CHOICES }
}
