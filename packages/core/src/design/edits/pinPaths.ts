import { NO_CHOICES, type PathChoices } from '../../paths/pathChoices'
import type { DesignDocument } from '../document'

function withPaths(document: DesignDocument, change: Partial<PathChoices>): DesignDocument {
  return { ...document, paths: { ...document.paths, ...change } }
}

/**
 * Fixes a card to a slot, counted from 1, or lets it go where it goes best, with null. Another card that was
 * fixed there is let go.
 */
export function pinCard(
  document: DesignDocument,
  cardId: string,
  slot: number | null,
): DesignDocument {
  const others = document.paths.cardPins.filter(
    (pin) => pin.cardId !== cardId && (slot === null || pin.slot !== slot),
  )
  return withPaths(document, { cardPins: slot === null ? others : [...others, { cardId, slot }] })
}

/**
 * Fixes the cable of a bay, a plug of a backplane or an enclosure to a port, or lets it go with null.
 *
 * @param lanes of the port: so many single drives share one; of those fixed there before, the rest is let go
 */
export function pinPort(
  document: DesignDocument,
  end: string,
  port: { hostId: string; connector: number } | null,
  lanes = 1,
): DesignDocument {
  let room = end.startsWith('bay-') ? lanes - 1 : 0
  const others = document.paths.portPins.filter((pin) => {
    if (pin.end === end) return false
    if (pin.hostId !== port?.hostId || pin.connector !== port.connector) return true
    room -= 1
    return room >= 0 && pin.end.startsWith('bay-')
  })
  return withPaths(document, { portPins: port === null ? others : [...others, { end, ...port }] })
}

/** Fixes a power plug to a lead of the supply, or lets it go with null. */
export function pinLead(
  document: DesignDocument,
  end: string,
  lead: string | null,
): DesignDocument {
  const others = document.paths.leadPins.filter((pin) => pin.end !== end)
  return withPaths(document, { leadPins: lead === null ? others : [...others, { end, lead }] })
}

/** Says whether members of a group go apart or stay on one controller and lead. */
export function keepMembers(
  document: DesignDocument,
  members: PathChoices['members'],
): DesignDocument {
  return withPaths(document, { members })
}

/** Lets go of everything fixed; whether members stay together is kept. */
export function dropPins(document: DesignDocument): DesignDocument {
  return withPaths(document, { ...NO_CHOICES, members: document.paths.members })
}

/** Lets go of what was fixed on parts that leave, so that a later part of the same name is not bound by it. */
export function withoutPinsOn(document: DesignDocument, gone: ReadonlySet<string>): DesignDocument {
  const { cardPins, portPins, leadPins } = document.paths
  if (cardPins.length + portPins.length + leadPins.length === 0) return document
  const isGone = (id: string): boolean => gone.has(id) || gone.has(id.replace(/-usb$/, ''))
  const supplyGone = [...gone].some((id) => id.startsWith('supply-'))
  const frontGone = [...gone].some((id) => /^(chassis|cage)-/.test(id))
  const boardGone = [...gone].some((id) => id.startsWith('board-'))
  return withPaths(document, {
    cardPins: boardGone ? [] : cardPins.filter(({ cardId }) => !isGone(cardId)),
    portPins: frontGone
      ? []
      : portPins.filter(({ hostId, end }) => !isGone(hostId) && !isGone(end)),
    leadPins: frontGone || supplyGone ? [] : leadPins,
  })
}
