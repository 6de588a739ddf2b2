import { type Machine, resolveMachine } from '@flint/core/figures'
import { demoDesign } from '../../../../../packages/core/fixtures/demo'
import { pathTree } from './pathTree'

const machineOf = (name: string): Machine => resolveMachine(demoDesign(name))
const treeOf = (name: string) => pathTree(machineOf(name))

test('every drive and network port has a row of its own', () => {
  for (const name of ['cabin-archive', 'warm-room-shelf', 'drawer-of-drives']) {
    const rows = treeOf(name).nodes.flatMap(({ ends }) => ends.map(({ yPx }) => yPx))
    const sorted = [...rows].sort((one, other) => one - other)
    sorted.forEach((y, index) => {
      // Source: WCAG 2.2, success criterion 2.5.8: targets of 24 CSS pixels.
      if (index > 0) expect(y - (sorted[index - 1] ?? 0)).toBeGreaterThanOrEqual(24)
    })
    expect(rows.length).toBeGreaterThan(4)
  }
})

test('what hangs on a card lies together, the board’s own ports behind the chipset', () => {
  const { nodes, chipsetYPx, cpuYPx, heightPx } = treeOf('drawer-of-drives')
  expect(nodes.map(({ link, behindChipset }) => [link?.kind ?? null, behindChipset])).toEqual([
    ['slot', false],
    [null, true],
  ])
  expect(nodes[0]?.ends.map(({ kind }) => kind)).toEqual(Array<string>(6).fill('drive'))
  expect(nodes[1]?.ends.map(({ kind }) => kind)).toEqual(['drive', 'drive', 'network'])
  expect(chipsetYPx).toBe(nodes[1]?.yPx)
  expect(cpuYPx).toBeLessThan(heightPx)
})
