// How long does it take to resolve machines with random boards, crowded with cards and 24 drives, from nothing?
import {
  bayIdOf,
  type CataloguePart,
  type Design,
  groupDrives,
  newDesign,
  putDrivesInBays,
} from '@flint/core/editing'
import { resolveMachine } from '@flint/core/figures'
import { part } from './demoParts'

const BOARDS = 120
const DRIVES = 24
const CARDS = [
  'lockrow-sixteen',
  'lockrow-eight',
  'lockrow-two',
  'wickmere-ten',
  'wickmere-four',
  'wickmere-one',
]

/** The same boards in every run. */
let state = 1
function random(): number {
  state = (state * 1_103_515_245 + 12_345) % 2 ** 31
  return state / 2 ** 31
}
const between = (least: number, most: number): number =>
  least + Math.floor(random() * (most - least + 1))
function oneOf<Some>(some: readonly Some[]): Some {
  const one = some[between(0, some.length - 1)]
  if (one === undefined) throw new Error('nothing to choose from')
  return one
}

const LANES = [1, 4, 8, 16] as const

function anySlot() {
  const physicalLanes = oneOf(LANES)
  return {
    bus: 'PCIe' as const,
    physicalLanes,
    electricalLanes: oneOf(LANES.filter((lanes) => lanes <= physicalLanes)),
    pcieGeneration: between(2, 4),
    openEnd: random() < 0.3,
    origin: oneOf(['CPU', 'chipset'] as const),
    splitsInto: null,
  }
}

function anyMachine(): Design {
  const front = part('pellworth-drystone-4u24')
  const board = part('tindrel-twin-eeb')
  const slots = Array.from({ length: between(7, 12) }, anySlot)
  const crowded = {
    ...board,
    slug: `${board.slug}-any`,
    sheet: { ...board.sheet, slots },
  } as CataloguePart
  const cards = Array.from({ length: between(5, 12) }, () => part(oneOf(CARDS)))
  const bays = Array.from({ length: DRIVES }, (_, at) => bayIdOf('chassis-1', at + 1))
  const machine = newDesign('bench', [front, crowded, part('emberlin-tall-750'), ...cards])
  const filled = putDrivesInBays(machine, part('quillon-keep-12'), bays)
  const ids = filled.fitted.flatMap(({ id, bay }) => (bay ? [id] : []))
  const width = oneOf([2, 6, 8])
  return groupDrives(
    filled,
    Array.from({ length: DRIVES / width }, (_, at) => ({
      kind: width === 2 ? ('mirror' as const) : ('raidz2' as const),
      driveIds: ids.slice(at * width, (at + 1) * width),
    })),
  )
}

const machines = Array.from({ length: BOARDS }, anyMachine)
for (const design of machines.slice(0, 20)) resolveMachine(design)
const times = machines
  .map((design) => {
    const start = process.cpuUsage()
    resolveMachine(design)
    const { user, system } = process.cpuUsage(start)
    return (user + system) / 1000
  })
  .sort((one, other) => one - other)
const at = (share: number): string => (times[Math.floor(share * (BOARDS - 1))] ?? 0).toFixed(1)
const over = times.filter((time) => time > 50).length
process.stdout.write(
  `${BOARDS} random boards of 7 to 12 slots, 5 to 12 cards, 24 drives, from nothing: median ${at(0.5)} ms of CPU time, ` +
    `95 % within ${at(0.95)}, the worst ${at(1)}, ${over} over 50 ms (aim: none)\n`,
)
