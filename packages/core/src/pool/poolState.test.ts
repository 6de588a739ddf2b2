import { demoDesign } from '../../fixtures/demo'
import { driveIdsOf } from '../../fixtures/ruleTable'
import { applyEdit } from '../design/edits/edit'
import type { Design } from '../design/design'
import { evaluate } from '../evaluate'
import { resolveMachine } from '../machine/resolveMachine'
import { awayDrives } from '../logging/awayDrives'

const cabin = demoDesign('cabin-archive')
const [first = '', second = '', third = ''] = driveIdsOf(cabin)
const rebuilding = (design: Design, ids: readonly string[]): Design =>
  applyEdit(design, { do: 'note-pieces', partIds: [...ids], change: { rebuilding: true } })
const stateOf = (design: Design) => evaluate(design).survival.pools[0]
const without = (design: Design, ids: string[]): Design =>
  applyEdit(design, { do: 'take-out', driveIds: ids })

test('a member that is being rebuilt counts as one failure, and its pool says why', () => {
  expect(stateOf(cabin)).toMatchObject({ state: 'healthy', awayIds: [] })
  const one = stateOf(rebuilding(cabin, [first]))
  const away = stateOf(without(cabin, [first]))
  expect(one).toMatchObject({ state: 'rebuilding', awayIds: [first] })
  expect(away?.state).toBe('degraded')
  expect(one?.survival).toEqual(away?.survival)
})

test('with another away it is degraded; with more than it tolerates it is down, rebuilt or not', () => {
  expect(stateOf(without(rebuilding(cabin, [first]), [second]))?.state).toBe('degraded')
  expect(stateOf(rebuilding(cabin, [first, second]))?.state).toBe('rebuilding')
  expect(stateOf(rebuilding(cabin, [first, second, third]))?.state).toBe('down')
})

test('it is there all the same: it draws, weighs and is wired', () => {
  const [plain, anew] = [evaluate(cabin), evaluate(rebuilding(cabin, [first]))]
  expect(anew.power.dc).toEqual(plain.power.dc)
  expect(anew.capacity.availableBytes).toBe(plain.capacity.availableBytes)
  expect(resolveMachine(rebuilding(cabin, [first])).rebuildingIds).toEqual([first])
})

test('taken out it is not being rebuilt any more', () => {
  const out = without(rebuilding(cabin, [first]), [first])
  expect(resolveMachine(out).rebuildingIds).toEqual([])
  expect(out.fitted.find(({ id }) => id === first)?.rebuilding).toBe(false)
  // Also where another one takes its bay.
  const spare = without(rebuilding(cabin, [first]), [second])
  const bay = spare.fitted.find(({ id }) => id === first)?.bay ?? null
  const swapped = applyEdit(spare, { do: 'move-drive', driveId: second, bay })
  expect(swapped.fitted.find(({ id }) => id === first)).toMatchObject({
    bay: null,
    rebuilding: false,
  })
  const sent = applyEdit(rebuilding(cabin, [first]), { do: 'send-back', driveIds: [first] })
  expect(sent.fitted.find(({ id }) => id === first)?.rebuilding).toBe(false)
})

test('an array without parity at the moment says that it is being rebuilt while its parity drive is', () => {
  const drawer = demoDesign('drawer-of-drives')
  expect(stateOf(without(drawer, ['drive-1']))?.state).toBe('without parity')
  const anew = stateOf(rebuilding(drawer, ['drive-1']))
  expect(anew?.state).toBe('rebuilding')
  expect(anew?.survival.alwaysSurvived).toBe(0)
})

test('it stands among those that a pool waits for, in its place and without a stand-in', () => {
  const design = rebuilding(cabin, [first])
  expect(awayDrives(design, resolveMachine(design), '2026-11-27')).toMatchObject([
    {
      driveId: first,
      isRebuilding: true,
      isSentBack: false,
      pool: { state: 'rebuilding' },
      spareIds: [],
    },
  ])
})
