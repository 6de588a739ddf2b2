import { demoDesign, demoPart, demoParts } from '../../fixtures/demo'
import { applyEdit } from '../design/edits/edit'
import { evaluate } from '../evaluate'
import { closingParts, FITTINGS } from './closingParts'

const cabin = demoDesign('cabin-archive')
const drawer = demoDesign('drawer-of-drives')

const openOf = (design: typeof cabin, choice: string) =>
  evaluate(design).stillToChoose.filter((one) => one.choice === choice)

describe('parts that close what is still to be chosen', () => {
  test('rails for the rack, and power adapters: afterwards neither is open', () => {
    for (const [design, choice] of [
      [cabin, 'rails'],
      [drawer, 'adapters'],
    ] as const) {
      expect(openOf(design, choice)).not.toEqual([])
      const closing = closingParts(design, choice, demoParts())
      expect(closing.stillOpen).toBe(0)
      const after = applyEdit(design, closing.edit ?? { do: 'free-paths' })
      expect(openOf(after, choice)).toEqual([])
    }
  })

  test('the cheapest for each place it closes is taken', () => {
    const closing = closingParts(drawer, 'adapters', demoParts())
    const dear = demoParts().map((part) =>
      closing.pieces.some((one) => one.part.slug === part.slug) && part.price
        ? { ...part, price: { ...part.price, unitMinor: 99_900 } }
        : part,
    )
    const other = closingParts(drawer, 'adapters', dear)
    const slugs = (all: typeof closing) => all.pieces.map(({ part }) => part.slug)
    expect(slugs(other)).not.toEqual(slugs(closing))
  })

  test('where nothing serves, it is said how much stays open', () => {
    const { edit, stillOpen } = closingParts(cabin, 'rails', [demoPart('quillon-keep-12')])
    expect(edit).toBeNull()
    expect(stillOpen).toBe(1)
  })

  test('what is not open wants nothing', () => {
    const open = new Set(evaluate(cabin).stillToChoose.map(({ choice }) => choice))
    for (const choice of FITTINGS.filter((one) => !open.has(one))) {
      expect(closingParts(cabin, choice, demoParts()).pieces).toEqual([])
    }
  })
})
