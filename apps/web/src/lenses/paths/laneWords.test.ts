import { laneWords } from './laneWords'

const slot = (number: number, lanes: number) => ({ kind: 'slot' as const, number, lanes })

test('the lanes of the CPU as a sum', () => {
  const places = [slot(1, 16), { kind: 'M.2' as const, number: 1, lanes: 4 }]
  expect(laneWords({ places, chipsetLanes: 4, cpuLanes: null })).toBe(
    '24 = 16 (slot 1) + 4 (M.2 1) + 4 (chipset)',
  )
  // What goes to the chipset is not among those for slots and sockets.
  expect(laneWords({ places, chipsetLanes: 4, cpuLanes: 20 })).toContain(
    'the CPU has 20 for slots and sockets',
  )
  expect(laneWords({ places, chipsetLanes: null, cpuLanes: 16 })).toBe(
    '20 = 16 (slot 1) + 4 (M.2 1); the CPU has 16 for slots and sockets, too few',
  )
  expect(laneWords({ places: [], chipsetLanes: null, cpuLanes: 16 })).toBe('')
})
