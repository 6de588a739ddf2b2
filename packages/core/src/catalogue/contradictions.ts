import { boardPlane } from './boardPlane'
import type { BoardSheet } from './kinds/board'
import type { ChassisSheet } from './kinds/chassis'
import { insidesOf } from './insides'
import type { PartSheet } from './partKinds'
import type { Problem } from './problem'

/** A millimetre is lost between data sheets that give their measures rounded. Common practice, no source. */
const TOLERANCE_MM = 1

/**
 * What a data sheet says that cannot be: places beyond the outline of the case or the board, bays beyond its front.
 *
 * Asked when a data sheet is entered. One that is stored already stays as it is, since designs depend on it.
 *
 * @returns nothing for kinds that have no places
 */
export function contradictions(sheet: PartSheet): Problem[] {
  const field = sheet.kind === 'chassis' ? 'insides' : 'soldered'
  const within = insidesOf(sheet).flatMap((inside, index) =>
    contradictions(inside).map(({ sentence }) => ({
      field: `${field}[${index}]`,
      sentence: `${inside.model}: ${sentence}`,
    })),
  )
  if (sheet.kind === 'board') return [...ofBoard(sheet), ...within]
  return sheet.kind === 'chassis' ? [...ofCase(sheet), ...within] : []
}

function ofBoard({ widthMm, depthMm, plugPlaces }: BoardSheet): Problem[] {
  return (plugPlaces ?? []).flatMap(({ what, fromRearMm, fromSocketsMm }, index) => {
    const over =
      depthMm !== null && fromRearMm > depthMm
        ? `${fromRearMm} mm from the rear edge of a board that is ${depthMm} mm deep`
        : widthMm !== null && fromSocketsMm > widthMm
          ? `${fromSocketsMm} mm from the side of a board that is ${widthMm} mm wide`
          : null
    if (over === null) return []
    return [{ field: `plugPlaces[${index}]`, sentence: `The ${what} would be ${over}.` }]
  })
}

function ofCase(sheet: ChassisSheet): Problem[] {
  const { widthMm, heightMm, depthMm, bayBlocks, boardAt, supplyAt } = sheet
  const isUpright = boardPlane(sheet) === 'upright'
  const acrossMm = isUpright ? heightMm : widthMm
  const problems: Problem[] = []
  for (const [name, at] of [
    ['boardAt', boardAt],
    ['supplyAt', supplyAt],
  ] as const) {
    if (at && at.frontMm > depthMm + TOLERANCE_MM) {
      const sentence = `It would begin ${at.frontMm} mm from the front of a case that is ${depthMm} mm deep.`
      problems.push({ field: `${name}.frontMm`, sentence })
    }
    if (at && at.leftMm > acrossMm) {
      const edge = isUpright
        ? `top of a case that is ${heightMm} mm high`
        : `left of a case that is ${widthMm} mm wide`
      problems.push({
        field: `${name}.leftMm`,
        sentence: `It would begin ${at.leftMm} mm from the ${edge}.`,
      })
    }
  }
  bayBlocks.forEach(({ leftMm, topMm, rows, columns, bayWidthMm, bayHeightMm, gapMm }, block) => {
    const right = leftMm + columns * (bayWidthMm + gapMm) - gapMm
    const bottom = topMm + rows * (bayHeightMm + gapMm) - gapMm
    const over =
      right > widthMm + TOLERANCE_MM
        ? `${right} mm to the right of a front that is ${widthMm} mm wide`
        : bottom > heightMm + TOLERANCE_MM
          ? `${bottom} mm down on a front that is ${heightMm} mm high`
          : null
    if (over) {
      problems.push({
        field: `bayBlocks[${block}]`,
        sentence: `Block ${block + 1} would reach ${over}.`,
      })
    }
  })
  return [...problems, ...fansBeyond(sheet)]
}

/** Fans that reach beyond the wall that they are in. */
function fansBeyond(sheet: ChassisSheet): Problem[] {
  const isUpright = boardPlane(sheet) === 'upright'
  const acrossMm = isUpright ? sheet.heightMm : sheet.widthMm
  return (sheet.fanPlaces ?? []).flatMap(({ wall, alongMm, sizeMm }, index) => {
    const isAcross = wall === 'front' || wall === 'rear' || wall === 'inside'
    const longMm = isAcross ? acrossMm : sheet.depthMm
    if (alongMm - sizeMm / 2 >= -TOLERANCE_MM && alongMm + sizeMm / 2 <= longMm + TOLERANCE_MM) {
      return []
    }
    const sentence = `A fan of ${sizeMm} mm at ${alongMm} mm reaches beyond the ${longMm} mm that there are.`
    return [{ field: `fanPlaces[${index}]`, sentence }]
  })
}
