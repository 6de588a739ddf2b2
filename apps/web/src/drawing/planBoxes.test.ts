import { readFileSync } from 'node:fs'
import { catalogueFile, type Design, fitPart, parseDesign } from '@flint/core/editing'
import { type Machine, pieceOf, resolveMachine } from '@flint/core/figures'
import { boardHoles } from './boardHoles'
import { arrangementOf } from './arrangement'
import { bayStacks } from './bayStacks'
import { boardDetails } from './boardDetails'
import { driveDetails, supplyDetails } from './caseDetails'
import { fanDetails } from './fanDetails'
import type { Detail } from './detail'
import { planBoxes } from './planBoxes'
import { labelWidth } from './placeLabels'
import { boxLabels } from './planLabels'

const { parts } = catalogueFile.parse(JSON.parse(readFileSync('demo/catalogue.json', 'utf8')))
const demo = (name: string): Design => {
  const parsed = parseDesign(JSON.parse(readFileSync(`demo/designs/${name}.json`, 'utf8')))
  if ('design' in parsed) return parsed.design
  throw new Error(parsed.problems[0]?.sentence)
}
const withPart = (design: Design, slug: string): Design => {
  const part = parts.find((one) => one.slug === slug)
  if (!part) throw new Error(`no part ${slug}`)
  return fitPart(design, part)
}
const cabin = demo('cabin-archive')
const arranged = (machine: Machine) => {
  const arrangement = arrangementOf(machine)
  if (!arrangement) throw new Error('no case')
  return arrangement
}
const boxesOf = (machine: Machine) => planBoxes(machine, arranged(machine))
const withParts = (slug: string): Machine => resolveMachine(withPart(cabin, slug))

test.each(['cabin-archive', 'warm-room-shelf', 'drawer-of-drives'])(
  'in %s everything lies inside the case and nothing reaches too far',
  (name) => {
    const machine = resolveMachine(demo(name))
    const chassis = pieceOf(machine, 'chassis')?.dataSheet
    const boxes = boxesOf(machine)
    expect(boxes.map(({ what }) => what)).toEqual(expect.arrayContaining(['board', 'supply']))
    for (const { frontMm, acrossMm, depthMm, widthMm, overMm } of boxes) {
      expect(overMm).toBe(0)
      expect(frontMm).toBeGreaterThanOrEqual(0)
      expect(acrossMm).toBeGreaterThanOrEqual(0)
      expect(frontMm + depthMm).toBeLessThanOrEqual(chassis?.depthMm ?? 0)
      expect(acrossMm + widthMm).toBeLessThanOrEqual(chassis?.widthMm ?? 0)
    }
  },
)

test('what is too long reaches over its room by as much as the finding says', () => {
  const long = boxesOf(withParts('lockrow-long-24'))
  expect(long.find(({ words }) => words === 'Long 24')).toMatchObject({
    overMm: 254 - 240,
    what: 'card',
  })
  const deep = boxesOf(withParts('tindrel-long-atx'))
  expect(deep.find(({ words }) => words.includes('Long ATX'))?.overMm).toBe(272 - 250)
})

test('cards stand side by side in the openings, each with one of its own', () => {
  const { cardPlaces: places, pieces } = withParts('wickmere-ten')
  // The second slot is too short for its edge, so it stands in the third.
  expect(
    places.map(({ pieceId }) => pieces.get(pieceId ?? '')?.dataSheet.model ?? null).slice(0, 3),
  ).toEqual(['Sixteen', null, 'Ten'])
  places.slice(1).forEach((place, index) => {
    const before = places[index]
    expect(place.leftMm + place.widthMm).toBeLessThanOrEqual(before?.leftMm ?? 0)
  })
})

test('the holes of a board lie on it', () => {
  for (const name of ['cabin-archive', 'warm-room-shelf', 'drawer-of-drives']) {
    const machine = resolveMachine(demo(name))
    const boardId = pieceOf(machine, 'board')?.id
    const board = boxesOf(machine).find(({ id }) => id === boardId)
    const holes = boardHoles(machine, arranged(machine))
    expect(holes.length).toBeGreaterThanOrEqual(4)
    for (const { frontMm, acrossMm } of holes) {
      expect(frontMm).toBeGreaterThan(board?.frontMm ?? Infinity)
      expect(frontMm).toBeLessThan((board?.frontMm ?? 0) + (board?.depthMm ?? 0))
      expect(acrossMm).toBeGreaterThan(board?.acrossMm ?? Infinity)
      expect(acrossMm).toBeLessThan((board?.acrossMm ?? 0) + (board?.widthMm ?? 0))
    }
  }
})

test('without a case nothing is drawn; where a case gives no places they are assumed, and said to be', () => {
  expect(arrangementOf(resolveMachine({ ...cabin, fitted: [] }))).toBeNull()
  const gap = withParts('ashgrove-gap-4')
  const arrangement = arranged(gap)
  expect(arrangement.plane).toBe('upright')
  expect(arrangement.acrossMm).toBe(430)
  const boxes = boxesOf(gap)
  expect(boxes.map(({ what, isAssumed }) => [what, isAssumed])).toEqual([
    ['board', true],
    ['card', true],
    ['supply', true],
  ])
  expect(gap.cardPlaces).toEqual([])
})

/** The rectangle that something of the plan fills. */
function extent(detail: Detail): { left: number; top: number; right: number; bottom: number } {
  if (detail.shape === 'rect') {
    const { x, y, width, height } = detail
    return { left: x, top: y, right: x + width, bottom: y + height }
  }
  if (detail.shape === 'circle') {
    const { x, y, radius } = detail
    return { left: x - radius, top: y - radius, right: x + radius, bottom: y + radius }
  }
  const [xs, ys] = [detail.points.map(({ x }) => x), detail.points.map(({ y }) => y)]
  return {
    left: Math.min(...xs),
    top: Math.min(...ys),
    right: Math.max(...xs),
    bottom: Math.max(...ys),
  }
}

/** Every case of the catalogue with every board, as far as the board is no larger than the case. */
const pairs = parts
  .filter(({ sheet }) => sheet.kind === 'chassis')
  .flatMap((chassis) =>
    parts
      .filter(({ sheet }) => sheet.kind === 'board')
      .map((board) => [chassis.slug, board.slug] as const),
  )

test.each(pairs)('%s with %s: everything on the board lies on it', (chassis, board) => {
  const machine = resolveMachine(withPart(withPart(cabin, chassis), board))
  const arrangement = arranged(machine)
  const { board: lies } = arrangement
  if (!lies) {
    // Only a board that is wider or deeper than its case is left out.
    const sheet = pieceOf(machine, 'board')?.dataSheet
    expect(
      (sheet?.widthMm ?? 0) > arrangement.acrossMm || (sheet?.depthMm ?? 0) > arrangement.depthMm,
    ).toBe(true)
    return
  }
  const details = boardDetails(machine, arrangement)
  const sheet = pieceOf(machine, 'board')?.dataSheet
  const ids = details.map(({ id }) => id)
  expect(ids.filter((id) => id.startsWith('slot '))).toHaveLength(sheet?.slots?.length ?? 0)
  expect(ids.filter((id) => id.startsWith('M.2 '))).toHaveLength(sheet?.m2Sockets?.length ?? 0)
  expect(ids.filter((id) => id.startsWith('memory '))).toHaveLength(sheet?.memorySlots ?? 0)
  expect(ids.filter((id) => id.startsWith('CPU '))).toHaveLength((sheet?.cpuSockets ?? 1) + 1)
  expect(new Set(ids).size).toBe(ids.length)
  for (const detail of details.filter(({ shape }) => shape === 'rect')) {
    const { left, top, right, bottom } = extent(detail)
    expect(left).toBeGreaterThanOrEqual(lies.frontMm - 1e-9)
    expect(right).toBeLessThanOrEqual(lies.frontMm + lies.depthMm + 1e-9)
    expect(top).toBeGreaterThanOrEqual(lies.acrossMm - 1e-9)
    expect(bottom).toBeLessThanOrEqual(lies.acrossMm + lies.widthMm + 1e-9)
  }
})

test.each(parts.flatMap(({ sheet, slug }) => (sheet.kind === 'chassis' ? [slug] : [])))(
  '%s: drives, fans and supply lie inside it, and every drive is told by its name',
  (slug) => {
    const design = withPart(cabin, slug)
    const machine = resolveMachine(design)
    const arrangement = arranged(machine)
    const stacks = bayStacks(machine, design, arrangement.plane)
    expect(stacks.reduce((sum, { bays }) => sum + bays, 0)).toBe(machine.bays.length)
    const names = stacks.flatMap(({ drives }) => drives.map(({ name }) => name))
    expect(names).toHaveLength(machine.driveIn.size)
    expect(new Set(names).size).toBe(names.length)
    const fans = fanDetails(machine, arrangement, stacks)
    for (const detail of [...driveDetails(stacks), ...fans]) {
      const { left, top, right, bottom } = extent(detail)
      expect(left).toBeGreaterThanOrEqual(0)
      expect(top).toBeGreaterThanOrEqual(0)
      expect(right).toBeLessThanOrEqual(arrangement.depthMm)
      expect(bottom).toBeLessThanOrEqual(arrangement.acrossMm)
    }
    const supply = arrangement.supply
    for (const detail of supplyDetails(machine, arrangement)) {
      const { left, top, right, bottom } = extent(detail)
      expect(left).toBeGreaterThanOrEqual(supply?.frontMm ?? Infinity)
      expect(top).toBeGreaterThanOrEqual(supply?.acrossMm ?? Infinity)
      expect(right).toBeLessThanOrEqual((supply?.frontMm ?? 0) + (supply?.depthMm ?? 0))
      expect(bottom).toBeLessThanOrEqual((supply?.acrossMm ?? 0) + (supply?.widthMm ?? 0))
    }
  },
)

test('fans stand between drives and board, as many as there are', () => {
  const machine = resolveMachine(cabin)
  const arrangement = arranged(machine)
  const stacks = bayStacks(machine, cabin, arrangement.plane)
  const fans = fanDetails(machine, arrangement, stacks).filter(({ shape }) => shape === 'rect')
  expect(fans).toHaveLength(pieceOf(machine, 'chassis')?.dataSheet.fanCount ?? 0)
  for (const fan of fans) {
    expect(extent(fan).right).toBeLessThanOrEqual(arrangement.board?.frontMm ?? 0)
  }
})

test.each(['tindrel-watch-atx', 'tindrel-old-m'])(
  'the name of %s stands on the board, and over neither a slot nor memory',
  (slug) => {
    const machine = withParts(slug)
    const arrangement = arranged(machine)
    const { board, plane } = arrangement
    const box = boxesOf(machine).find(({ what }) => what === 'board')
    if (!board || !box) throw new Error('no board')
    const [name] = boxLabels(box, 1, plane)
    if (!name) throw new Error('no name')
    const [halfWidth, halfHeight] = [labelWidth(name.text) / 2, 8]
    expect(name.y - halfHeight).toBeGreaterThan(board.acrossMm)
    expect(name.y + halfHeight).toBeLessThan(board.acrossMm + board.widthMm)
    expect(name.x - halfWidth).toBeGreaterThanOrEqual(board.frontMm)
    const named = boardDetails(machine, arrangement).flatMap((detail) =>
      detail.shape === 'rect' && /^slot \d|memory|module/.test(detail.words) ? [detail] : [],
    )
    expect(named.length).toBeGreaterThan(2)
    for (const { words, x, y, width, height } of named) {
      // By a hair the name may lie over the end of a module.
      const apartX = Math.abs(x + width / 2 - name.x) - width / 2 - halfWidth
      const apartY = Math.abs(y + height / 2 - name.y) - height / 2 - halfHeight
      expect([words, Math.max(apartX, apartY) > -2]).toEqual([words, true])
    }
  },
)
