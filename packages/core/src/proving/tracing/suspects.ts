import { type Machine, piecesOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'
import { partsOfDrives, type SharedKind } from '../../pool/survival/sharedParts'

export type SuspectKind = SharedKind | 'drive' | 'supply' | 'port'

/** Something that may be the cause of errors, and the drives that it would give errors to. */
export interface Suspect {
  /** Its kind and its name, as a person finds it: stable while the wiring is. */
  id: string
  kind: SuspectKind
  name: string
  driveIds: readonly PieceId[]
}

/**
 * How likely each kind is to be at fault in a new machine, before anything is seen.
 *
 * Common practice, no source: plugs and cables first, then drives, then cards and backplanes; leads and supplies
 * seldom. Only their proportions matter.
 */
export const PRIORS: Record<SuspectKind, number> = {
  cable: 0.05,
  drive: 0.03,
  controller: 0.02,
  enclosure: 0.02,
  backplane: 0.015,
  port: 0.01,
  expander: 0.01,
  lead: 0.01,
  supply: 0.005,
}

/**
 * Who may be the cause of errors: each drive, and every part that the wiring of the machine has on the way to drives.
 *
 * A supply serves all drives on its leads. A port serves what its cable does, so that only a swap tells them apart.
 */
export function suspectsOf(machine: Machine): Suspect[] {
  const several = partsOfDrives(machine).map(({ kind, nameOf, driveIds }) =>
    suspect(kind, nameOf(), driveIds),
  )
  const ports = several
    .filter(({ kind }) => kind === 'cable')
    .map(({ name, driveIds }) => suspect('port', `Port of ${lower(name)}`, driveIds))
  const inPlace = new Set(several.flatMap(({ driveIds }) => driveIds))
  const drives = piecesOf(machine, 'drive')
    .filter(({ id }) => inPlace.has(id))
    .map(({ id, dataSheet }): Suspect => ({
      id: `drive ${id}`,
      kind: 'drive',
      name: `${dataSheet.maker} ${dataSheet.model}`,
      driveIds: [id],
    }))
  return [...several, ...ports, ...supplies(machine), ...drives]
}

const suspect = (kind: SuspectKind, name: string, driveIds: readonly PieceId[]): Suspect => ({
  id: `${kind} ${name}`,
  kind,
  name,
  driveIds: [...new Set(driveIds)],
})

const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1)

function supplies(machine: Machine): Suspect[] {
  return piecesOf(machine, 'supply').flatMap(({ id, dataSheet }) => {
    const leads = machine.wiring.power?.leads ?? []
    const driveIds = leads
      .filter(({ lead }) => lead.ref.supplyId === id)
      .flatMap((lead) => lead.driveIds)
    const name = `${dataSheet.maker} ${dataSheet.model}`
    return driveIds.length === 0 ? [] : [suspect('supply', name, driveIds)]
  })
}
