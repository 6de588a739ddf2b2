import type { Bay } from '../catalogue/bays'
import type { DriveSheet } from '../catalogue/kinds/drive'
import { baysOfDesign } from './bayBlocks'
import type { DesignDocument, FittedPart } from './document'
import { fittedOfKind } from './fittedParts'
import { type LetteredGroup, letteredGroups } from './groupLetters'

export interface DriveInPlace {
  part: FittedPart
  sheet: DriveSheet
  /** The group it is a member of, and which member it is, counted from 1. */
  member: { lettered: LetteredGroup; number: number } | null
}

export interface BayUse {
  bay: Bay
  drive: DriveInPlace | null
}

export interface BayPlan {
  bays: BayUse[]
  /** Drives in no bay of this chassis: on the bench. */
  bench: DriveInPlace[]
}

/** Drives in M.2 sockets and USB ports have no bay and never lie on the bench. */
export function goesIntoBay({ formFactor }: Pick<DriveSheet, 'formFactor'>): boolean {
  return formFactor === '3.5' || formFactor === '2.5'
}

/** What sits in each bay, and what lies on the bench. */
export function bayPlan(document: DesignDocument): BayPlan {
  const members = new Map<string, DriveInPlace['member']>()
  for (const lettered of letteredGroups(document)) {
    lettered.group.driveIds.forEach((driveId, index) => {
      members.set(driveId, { lettered, number: index + 1 })
    })
  }
  const drives = fittedOfKind(document, 'drive')
    .filter(({ sheet }) => goesIntoBay(sheet))
    .map(({ part, sheet }) => ({
      part,
      sheet,
      member: members.get(part.id) ?? null,
    }))
  const byBay = new Map(drives.map((drive) => [drive.part.bay, drive]))
  const bays = baysOfDesign(document).map((bay) => ({
    bay,
    drive: byBay.get(bay.id) ?? null,
  }))
  const known = new Set(bays.map(({ bay }) => bay.id))
  return {
    bays,
    bench: drives.filter(({ part }) => part.bay === null || !known.has(part.bay)),
  }
}

/** A bay as a screen reader or a sentence names it. */
export function bayName({ number, row, column, rows, columns }: Bay): string {
  const place: string[] = []
  if (rows > 1) place.push(`row ${row} of ${rows}`)
  if (columns > 1) place.push(`column ${column} of ${columns}`)
  return [`bay ${number}`, ...place].join(', ')
}
