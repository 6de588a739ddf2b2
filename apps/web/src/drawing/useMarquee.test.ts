import { newDesign } from '@flint/core/editing'
import { resolveMachine } from '@flint/core/figures'
import { demoPart } from '../../../../packages/core/fixtures/demo'
import { baysTouched } from './useMarquee'

const { bays } = resolveMachine(newDesign('case', [demoPart('pellworth-drystone-2u12')]))

/** The rectangle from the middle of one bay to the middle of another, drawn at 2 px a millimetre. */
function between(from: number, to: number) {
  const middle = (number: number): [number, number] => {
    const bay = bays[number - 1]
    if (!bay) throw new Error(`no bay ${number}`)
    return [bay.leftMm + bay.widthMm / 2, bay.topMm + bay.heightMm / 2]
  }
  const [[x1, y1], [x2, y2]] = [middle(from), middle(to)]
  return {
    leftPx: 2 * Math.min(x1, x2),
    topPx: 2 * Math.min(y1, y2),
    widthPx: 2 * Math.abs(x1 - x2),
    heightPx: 2 * Math.abs(y1 - y2),
  }
}

test('a rectangle over two rows and two columns touches four bays', () => {
  expect(baysTouched(bays, between(1, 6), 2)).toEqual(
    [1, 2, 5, 6].map((number) => `chassis-1/${number}`),
  )
})

test('drawn backwards it touches the same', () => {
  expect(baysTouched(bays, between(6, 1), 2)).toEqual(baysTouched(bays, between(1, 6), 2))
})

test('beside the bays it touches none', () => {
  expect(baysTouched(bays, { leftPx: 0, topPx: 0, widthPx: 4, heightPx: 4 }, 2)).toEqual([])
})
