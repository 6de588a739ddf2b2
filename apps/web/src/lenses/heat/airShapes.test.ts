import { readFileSync } from 'node:fs'
import { type Design, parseDesign } from '@flint/core/editing'
import { airFlow, HOTTEST_STATE, machineHeat, resolveMachine } from '@flint/core/figures'
import { arrangementOf } from '../../drawing/arrangement'
import { airShapes } from './airShapes'

function demo(name: string): Design {
  const parsed = parseDesign(JSON.parse(readFileSync(`demo/designs/${name}.json`, 'utf8')))
  if (!('design' in parsed)) throw new Error('a demo design')
  return parsed.design
}

test.each(['cabin-archive', 'drawer-of-drives', 'warm-room-shelf'])(
  'in %s one stream goes past each row of drives, wide as its air, and all lie in the case',
  (name) => {
    const design = demo(name)
    const machine = resolveMachine(design)
    const arrangement = arrangementOf(machine)
    const flow = airFlow(machine, design.air)
    if (!arrangement || !flow) throw new Error('a case with air')
    const heat = machineHeat(design, machine, flow, HOTTEST_STATE)
    const streams = airShapes(machine, arrangement, flow, heat)
    const past = streams.filter(({ isWarm }) => !isWarm)
    expect(past).toHaveLength(heat.rows.length)
    expect(new Set(streams.map(({ id }) => id)).size).toBe(streams.length)
    for (const { acrossMm, widthMm, fromMm, toMm } of streams) {
      expect(acrossMm).toBeGreaterThan(0)
      expect(acrossMm).toBeLessThan(arrangement.acrossMm)
      expect(widthMm).toBeGreaterThanOrEqual(3)
      expect(widthMm).toBeLessThanOrEqual(46)
      expect(toMm).toBeGreaterThan(fromMm)
    }
    // The widest stream is the one that moves most.
    expect(Math.max(...streams.map(({ widthMm }) => widthMm))).toBe(46)
  },
)
