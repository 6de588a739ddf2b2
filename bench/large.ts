// How long do the largest legal machines take: 504 drives on twelve controllers, resolved from nothing and judged?
import {
  bayIdOf,
  type CataloguePart,
  type Design,
  groupDrives,
  newDesign,
  putDrivesInBays,
} from '@flint/core/editing'
import { evaluate, resolveMachine } from '@flint/core/figures'
import { part } from './demoParts'
import { medianMilliseconds } from './median'

const DRIVES = 504
const CONTROLLERS = 12

function changed(slug: string, fields: object): CataloguePart {
  const { sheet, ...rest } = part(slug)
  // Still of its kind: only sizes are others.
  return { ...rest, slug: `${slug}-large`, sheet: { ...sheet, ...fields } }
}

function large(kind: 'mirror' | 'raidz2', backplanes: boolean): Design {
  const front = part('pellworth-drystone-4u24').sheet
  if (front.kind !== 'chassis') throw new Error('no case')
  const [block] = front.bayBlocks
  if (!block) throw new Error('no bays')
  const blocks = Array.from({ length: DRIVES / 24 }, () => ({
    ...block,
    ...(backplanes ? {} : { backplane: null }),
  }))
  const shell = newDesign('bench', [
    changed('pellworth-drystone-4u24', { bayBlocks: blocks }),
    changed('tindrel-twin-eeb', {
      slots: Array.from({ length: CONTROLLERS }, (_, at) => ({
        bus: 'PCIe',
        physicalLanes: 16,
        electricalLanes: 8,
        pcieGeneration: 3,
        openEnd: false,
        origin: at < 6 ? 'CPU' : 'chipset',
        splitsInto: null,
      })),
    }),
    changed('emberlin-tall-750', { sataPlugs: 300, sataLeads: 40, peripheralPlugs: 252 }),
    ...Array.from({ length: CONTROLLERS }, () =>
      changed('lockrow-sixteen', { drivePorts: backplanes ? 44 : 42 }),
    ),
  ])
  const bays = Array.from({ length: DRIVES }, (_, at) => bayIdOf('chassis-1', at + 1))
  const filled = putDrivesInBays(shell, part('quillon-keep-12'), bays)
  const ids = filled.fitted.flatMap(({ id, bay }) => (bay ? [id] : []))
  const width = kind === 'mirror' ? 2 : 8
  return groupDrives(
    filled,
    Array.from({ length: DRIVES / width }, (_, at) => ({
      kind,
      driveIds: ids.slice(at * width, (at + 1) * width),
    })),
  )
}

const machines = [
  ['groups of eight', large('raidz2', false)],
  ['mirrors', large('mirror', false)],
  ['groups of eight behind backplanes', large('raidz2', true)],
] as const
for (const [name, design] of machines) {
  const machine = resolveMachine(design)
  const resolved = medianMilliseconds(15, () => resolveMachine(design))
  const judged = medianMilliseconds(15, () => evaluate(design, machine))
  process.stdout.write(
    `${DRIVES} drives in ${name}: ${resolved.toFixed(0)} ms resolved from nothing, ${judged.toFixed(0)} ms judged (aim: under 50); drives without a port ${machine.wiring.data.unreachedIds.length}\n`,
  )
}
