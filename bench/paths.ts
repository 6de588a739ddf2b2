// How long does it take to place six cards, and to share the links of 60 drives?
import { maxMinFair, placeCards } from '@flint/core'
import { medianMilliseconds } from './median'

const slots = Array.from({ length: 7 }, (_, index) => ({
  physicalLanes: index < 4 ? 16 : 8,
  electricalLanes: 8,
  pcieGeneration: 3 + (index % 2),
  openEnd: false,
  origin: index < 3 ? ('CPU' as const) : ('chipset' as const),
}))
const cards = [8, 8, 4, 4, 1, 8].map((lanes, index) => ({
  id: `card-${index + 1}`,
  lanes,
  pcieGeneration: 3,
  needBytesPerSecond: index * 1e9,
}))
const placing = medianMilliseconds(9, () =>
  placeCards(slots, cards, [{ inUse: 'slot-2', loses: 'slot-1', lanesLeft: 8 }], [], {}, 4),
)
process.stdout.write(
  `six cards over seven slots, every way: ${placing.toFixed(0)} ms (aim: under 50)\n`,
)

const drives = Array.from({ length: 60 }, (_, index) => `drive-${index + 1}`)
const capacityOf = new Map([
  ...drives.map((id, index) => [id, 150e6 + index * 2e6] as const),
  ...['slot-1', 'slot-2', 'slot-3'].map((id) => [id, 3.3e9] as const),
  ['chipset', 5e9] as const,
])
const flows = drives.map((id, index) => ({
  id,
  uses: new Map([
    [id, 1],
    [`slot-${(index % 3) + 1}`, 1],
    ['chipset', 1],
  ]),
  mostBytesPerSecond: Infinity,
}))
const sharing = medianMilliseconds(9, () => maxMinFair(capacityOf, flows))
process.stdout.write(`rates of 60 drives: ${sharing.toFixed(1)} ms (aim: under 10)\n`)
