import type { Design } from '../design/design'
import { letteredGroups } from '../design/groupLetters'
import type { Machine } from '../machine/machine'
import type { ServicesFigure } from '../services/servicesFigure'

/** A device that the reader of a script fills in: the name of its variable, and how to find it. */
export interface NamedDevice {
  pieceId: string
  variable: string
  /** What it is and where: "Quillon Keep 12, bay 3, 7K2Q". */
  words: string
}

/**
 * Every device that a pool is made of or served by, with the variable that stands for its path: drives by the letter
 * of their group and their number in it, so A1 is the first of the first group; others count on from FAST_1.
 */
export function deviceNames(
  design: Pick<Design, 'pools' | 'fitted'>,
  machine: Machine,
  { services }: Pick<ServicesFigure, 'services'>,
): NamedDevice[] {
  const labels = new Map(design.fitted.map(({ id, label }) => [id, label]))
  const bayOf = new Map([...machine.driveIn].map(([bayId, driveId]) => [driveId, bayId]))
  const named = (pieceId: string, variable: string): NamedDevice => {
    const sheet = machine.pieces.get(pieceId)?.dataSheet
    const bay = machine.bayById.get(bayOf.get(pieceId) ?? '')
    const words = [
      sheet ? `${sheet.maker} ${sheet.model}` : 'a device that is gone',
      bay ? `bay ${bay.number}` : '',
      labels.get(pieceId) ?? '',
    ]
    return { pieceId, variable, words: oneLine(words.filter((word) => word !== '').join(', ')) }
  }
  const members = letteredGroups(design).flatMap(({ letter, group }) =>
    group.driveIds.map((driveId, index) => named(driveId, `${letter}${index + 1}`)),
  )
  const known = new Set(members.map(({ pieceId }) => pieceId))
  const others = [
    ...new Set(
      services.flatMap(({ service, pool }) =>
        pool ? service.parts.map((part) => part.pieceId) : [],
      ),
    ),
  ].filter((id) => !known.has(id))
  return [...members, ...others.map((id, index) => named(id, `FAST_${index + 1}`))]
}

/** Words of users in a comment must not end it. */
export const oneLine = (text: string): string => text.replaceAll(/[\r\n\u2028\u2029]+/g, ' ')
