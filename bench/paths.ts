// How long does it take to resolve a machine of 24 drives and six cards, from nothing and after an edit, and to
// share the links of 60 drives?
import {
  bayIdOf,
  type Design,
  groupDrives,
  moveDrive,
  newDesign,
  putDrivesInBays,
} from '@flint/core/editing'
import { maxMinFair, resolveMachine } from '@flint/core/figures'
import { part } from './demoParts'
import { medianMilliseconds } from './median'

const slots = Array.from({ length: 7 }, (_, index) => ({
  bus: 'PCIe' as const,
  physicalLanes: index < 4 ? 16 : 8,
  electricalLanes: 8,
  pcieGeneration: 3 + (index % 2),
  openEnd: false,
  origin: index < 3 ? ('CPU' as const) : ('chipset' as const),
  splitsInto: null,
}))

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

/** 24 drives in bays with plugs of their own, six cards, two of them controllers of unequal size. */
function crowded(kind: 'mirror' | 'raidz2'): Design {
  const front = part('ashgrove-tall-10')
  if (front.sheet.kind !== 'chassis') throw new Error('no case')
  const [block] = front.sheet.bayBlocks
  if (!block) throw new Error('no bays')
  const case24 = {
    ...front,
    sheet: { ...front.sheet, bayBlocks: [{ ...block, rows: 6, columns: 4 }] },
  }
  const board = part('tindrel-twin-eeb')
  const slug = `${board.slug}-seven`
  const seven = { ...board, slug, sheet: { ...board.sheet, slots } as typeof board.sheet }
  const cardSlugs = [
    'lockrow-sixteen',
    'lockrow-eight',
    'wickmere-ten',
    'wickmere-four',
    'wickmere-one',
    'lockrow-two',
  ]
  const bays = Array.from({ length: 24 }, (_, index) => bayIdOf('chassis-1', index + 1))
  const machine = newDesign('bench', [
    case24,
    seven,
    part('emberlin-tall-750'),
    ...cardSlugs.map(part),
  ])
  const filled = putDrivesInBays(machine, part('quillon-keep-12'), bays)
  const ids = filled.fitted.flatMap(({ id, bay }) => (bay ? [id] : []))
  const width = kind === 'mirror' ? 2 : 8
  const groups = Array.from({ length: 24 / width }, (_, at) => ({
    kind,
    driveIds: ids.slice(at * width, (at + 1) * width),
  }))
  return groupDrives(filled, groups)
}

for (const kind of ['mirror', 'raidz2'] as const) {
  const design = crowded(kind)
  const fresh = medianMilliseconds(60, () => resolveMachine(design))
  const machine = resolveMachine(design)
  const { data, power } = machine.wiring
  process.stdout.write(
    `24 bays, six cards, groups of ${kind}, from nothing: ${fresh.toFixed(1)} ms (aim: under 15); best: data ${String(data.couldBeBetter === null)}, power ${String(power?.couldBeBetter === null)}, drives without a port ${data.unreachedIds.length}\n`,
  )
  const [first] = design.pools[0]?.groups[0]?.driveIds ?? []
  const [second] = design.pools[0]?.groups[0]?.driveIds.slice(1) ?? []
  const bayOf = (id: string | undefined) => design.fitted.find((one) => one.id === id)?.bay ?? null
  const moved = moveDrive(design, first ?? '', bayOf(second))
  const again = medianMilliseconds(60, () => resolveMachine(moved, machine))
  process.stdout.write(
    `the same after one drive is moved within its group: ${again.toFixed(2)} ms (aim: under 1)\n`,
  )
}
