import { demoDesign, demoPart } from '../../../fixtures/demo'
import { driveIdsOf, withPart } from '../../../fixtures/ruleTable'
import { resolveMachine } from '../../machine/resolveMachine'
import type { Design } from '../../design/design'
import { groupDrives } from '../../design/edits/groupDrives'
import { putDrivesInBays } from '../../design/edits/putDrivesInBays'
import { removeParts } from '../../design/edits/removeParts'
import { sharedParts } from './sharedParts'

const cabin = demoDesign('cabin-archive')
const drawer = demoDesign('drawer-of-drives')

const partsOf = (design: Design) =>
  sharedParts(design, resolveMachine(design)).map(({ name, driveIds, pools }) => [
    name,
    driveIds.length,
    pools.map(({ state }) => state).join(),
  ])

test('controller, backplane, cables and leads, each with what it takes along', () => {
  // Two groups of six with double parity: four drives of one group are too many, two and two are not.
  expect(partsOf(cabin)).toEqual([
    ['Lockrow Sixteen', 12, 'lost'],
    ['Backplane of bays 1 to 12', 12, 'lost'],
    ['Cable from Sixteen port 1 to bays 1 to 4', 4, 'lost'],
    ['Cable from Sixteen port 2 to bays 5 to 8', 4, 'degraded'],
    ['Cable from Sixteen port 3 to bays 9 to 12', 4, 'lost'],
    ['Supply’s four-pole lead 1', 6, 'lost'],
    ['Supply’s four-pole lead 2', 6, 'lost'],
  ])
})

test('groups across the rows survive every cable', () => {
  const ids = driveIdsOf(cabin)
  const across = groupDrives(cabin, [
    { kind: 'raidz2', driveIds: ids.filter((_, at) => at % 2 === 0) },
    { kind: 'raidz2', driveIds: ids.filter((_, at) => at % 2 === 1) },
  ])
  const cables = sharedParts(across, resolveMachine(across)).filter(({ kind }) => kind === 'cable')
  expect(cables).toHaveLength(3)
  for (const { pools } of cables) expect(pools.map(({ state }) => state)).toEqual(['degraded'])
})

test('where each drive has a cable of its own, only controller, board leads are shared', () => {
  expect(partsOf(drawer).map(([name]) => name)).toEqual([
    'Lockrow Six',
    'Supply’s SATA lead 1',
    'Supply’s SATA lead 2',
    'Supply’s four-pole lead 1',
  ])
})

test('an expander goes with its controller, an enclosure alone', () => {
  const bare = withPart(removeParts(cabin, ['controller-1']), 'lockrow-eight')
  const span = withPart(bare, 'lockrow-span-24')
  const spanned = sharedParts(span, resolveMachine(span))
  expect(spanned.find(({ name }) => name === 'Lockrow Eight')?.driveIds).toHaveLength(12)
  expect(spanned.find(({ kind }) => kind === 'expander')?.driveIds.length).toBeLessThanOrEqual(12)
  const annex = withPart(withPart(cabin, 'pellworth-annex-12'), 'lockrow-outward-8')
  const filled = putDrivesInBays(annex, demoPart('quillon-keep-12'), [
    'enclosure-1/1',
    'enclosure-1/2',
  ])
  const [enclosure] = sharedParts(filled, resolveMachine(filled)).filter(
    ({ kind }) => kind === 'enclosure',
  )
  expect(enclosure).toMatchObject({ name: 'Pellworth Annex 2U-12', pools: [] })
  expect(enclosure?.driveIds).toHaveLength(2)
})

test('without a case nothing is shared', () => {
  expect(partsOf(removeParts(cabin, ['chassis-1']))).toEqual([])
})
