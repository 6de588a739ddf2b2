import { boardPlane } from './boardPlane'
import type { PartSheet } from './partKinds'
import type { Problem } from './problem'

/** A millimetre is lost between data sheets that give their measures rounded. Common practice, no source. */
const TOLERANCE_MM = 1

/**
 * What a data sheet says that cannot be: places beyond the outline of the case, bays beyond its front.
 *
 * Asked when a data sheet is entered. One that is stored already stays as it is, since designs depend on it.
 *
 * @returns nothing for kinds that have no places
 */
export function contradictions(sheet: PartSheet): Problem[] {
  if (sheet.kind !== 'chassis') return []
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
  return problems
}
