import { isOpenCase } from '../../catalogue/openCase'
import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { pieceOf, piecesOf } from '../../machine/machine'

interface Facts {
  /** Sizes of the fans, and of the places that are left for them, mm; null where the case does not say. */
  fanMm: readonly number[]
  placesMm: readonly number[] | null
}

/** Fans of the design that find no place of their size in the case. */
export const fanWithoutPlace: Rule<'fan-without-place', Facts> = {
  code: 'fan-without-place',
  step: 'heat',
  find: ({ machine }) => {
    const chassis = pieceOf(machine, 'chassis')
    const { fanPlaces, fanCount } = chassis?.dataSheet ?? {}
    if (!chassis || isOpenCase(chassis.dataSheet)) return []
    const fans = piecesOf(machine, 'fan')
    const { widthMm, heightMm } = chassis.dataSheet
    const placesMm = fanPlaces?.slice(fanCount ?? 0).map(({ sizeMm }) => sizeMm) ?? null
    const left = [...(placesMm ?? [])]
    const parts = fans.filter(({ dataSheet: { sizeMm } }) => {
      // Without places nothing is known but that a fan is no larger than the wall it is in.
      if (!placesMm) return sizeMm > Math.min(widthMm, heightMm)
      const at = left.indexOf(sizeMm)
      if (at >= 0) left.splice(at, 1)
      return at < 0
    })
    if (parts.length === 0) return []
    const fanMm = [...new Set(parts.map(({ dataSheet }) => dataSheet.sizeMm))]
    return [found('risks', { parts }, { fanMm, placesMm })]
  },
  sentence: ({ fanMm, placesMm }, { format }) => {
    const sizes = (list: readonly number[]): string =>
      list.map((mm) => format.number(mm)).join(', ')
    if (!placesMm) return `The case is too small for fans of ${sizes(fanMm)} mm.`
    return placesMm.length === 0
      ? `The case has no more places for fans; those of ${sizes(fanMm)} mm have none.`
      : `There is no place in the case for fans of ${sizes(fanMm)} mm; what is left are places of ${sizes(placesMm)} mm.`
  },
}
