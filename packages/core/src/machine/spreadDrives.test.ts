import { demoPart } from '../../fixtures/demo'
import { driveIdsOf, withPart } from '../../fixtures/ruleTable'
import type { Design } from '../design/design'
import { layOut } from '../design/edits/layOut'
import { putDrivesInBays } from '../design/edits/putDrivesInBays'
import { newDesign } from '../design/newDesign'
import { zfsLayouts } from '../pool/zfs/zfsLayouts'
import { sharedParts } from '../pool/survival/sharedParts'
import { resolveMachine } from './resolveMachine'
import { spreadDrives } from './spreadDrives'

/** Six rows of four bays, a four-lane plug for each row, two controllers. */
const shell = [
  'pellworth-drystone-4u24',
  'tindrel-watch-atx',
  'varnholt-rack-12',
  'emberlin-tall-750',
  'lockrow-sixteen',
  'lockrow-eight',
].reduce((design, slug) => withPart(design, slug), newDesign('rows'))
const filled = (count: number): Design =>
  putDrivesInBays(
    shell,
    demoPart('quillon-keep-16'),
    Array.from({ length: count }, (_, index) => `chassis-1/${index + 1}`),
  )
const drivesOf = (design: Design) =>
  driveIdsOf(design).map((id) => ({ id, capacityBytes: 16_000_900_661_248 }))

/** The design with the layout that has this title, of its drives in this order. */
function laidOut(design: Design, title: string, spread: boolean): Design {
  const drives = drivesOf(design)
  const ordered = spread ? spreadDrives(drives, resolveMachine(design)) : drives
  const layout = zfsLayouts(ordered).find((one) => one.title === title)
  if (!layout?.pool) throw new Error(`no layout ${title}`)
  return layOut(design, layout.pool)
}
const fatal = (design: Design): string[] =>
  sharedParts(design, resolveMachine(design)).flatMap(({ kind, pools }) =>
    pools.some(({ state }) => state === 'lost') ? [kind] : [],
  )

test('two double-parity groups of eight on cables of four lose no pool with any cable', () => {
  const title = 'two of 8 wide, double parity'
  expect(fatal(laidOut(filled(16), title, true))).not.toContain('cable')
  expect(fatal(laidOut(filled(16), title, false)).filter((kind) => kind === 'cable')).toHaveLength(
    4,
  )
})

test('pairs across rows leave fewer parts whose loss alone stops the pool', () => {
  const titles = zfsLayouts(drivesOf(filled(24))).map(({ title }) => title)
  const title = titles.find((one) => one.includes('pairs')) ?? titles.join()
  const across = fatal(laidOut(filled(24), title, true))
  expect(across).toEqual(['backplane'])
  expect(fatal(laidOut(filled(24), title, false)).length).toBeGreaterThan(across.length + 5)
})

test('members are listed bay by bay all the same', () => {
  const [group] = laidOut(filled(16), 'two of 8 wide, double parity', true).pools[0]?.groups ?? []
  expect(group?.driveIds.slice(0, 4)).toEqual(['drive-1', 'drive-2', 'drive-5', 'drive-6'])
})

test('what shares nothing keeps its order, and none is lost or doubled', () => {
  const bare = putDrivesInBays(newDesign('none'), demoPart('quillon-keep-16'), ['chassis-1/1'])
  expect(spreadDrives(drivesOf(bare), resolveMachine(bare))).toEqual(drivesOf(bare))
  const all = drivesOf(filled(24))
  const ordered = spreadDrives(all, resolveMachine(filled(24)))
  expect(ordered.map(({ id }) => id).toSorted()).toEqual(all.map(({ id }) => id).toSorted())
})
