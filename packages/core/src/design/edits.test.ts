import fc from 'fast-check'
import { demoDesign, demoPart, demoParts } from '../../fixtures/demo'
import { evaluate } from '../evaluate'
import { brokenReferences } from './brokenReferences'
import type { Design } from './design'
import { changeBrief, changeHouseRules, notePieces, renameDesign } from './edits/changeFields'
import { fitPart } from './edits/fitPart'
import { groupDrives } from './edits/groupDrives'
import { layOut } from './edits/layOut'
import { moveDrive } from './edits/moveDrive'
import { nextId } from './edits/nextId'
import { putDrivesInBays } from './edits/putDrivesInBays'
import { removeParts } from './edits/removeParts'
import { ungroupDrives } from './edits/ungroupDrives'
import { layoutFamilies } from '../pool/families'
import { driveBytes } from '../design/driveBytes'
import { fittedOfKind, fittedOne } from './fittedParts'
import { letteredGroups } from './groupLetters'
import { record, redo, startHistory, stepsSince, undo } from './history'
import { newDesign } from './newDesign'

const shelf = demoDesign('warm-room-shelf')
const driveIn = (design: Design, bay: string) => design.fitted.find((part) => part.bay === bay)

describe('drives in bays', () => {
  const empty = newDesign('empty', [demoPart('ashgrove-hearth-4')])
  const hush = demoPart('marrowby-hush-8')

  test('a drive goes into each bay and one snapshot serves all', () => {
    const filled = putDrivesInBays(empty, hush, ['chassis-1/1', 'chassis-1/3', 'chassis-1/3'])
    expect(fittedOfKind(filled, 'drive')).toHaveLength(2)
    expect(filled.snapshots.filter(({ slug }) => slug === hush.slug)).toHaveLength(1)
  })

  test('another model in a filled bay keeps the drive and its group', () => {
    const before = driveIn(shelf, 'chassis-1/2')
    const after = putDrivesInBays(shelf, demoPart('quillon-keep-12'), ['chassis-1/2'])
    expect(driveIn(after, 'chassis-1/2')?.id).toBe(before?.id)
    expect(after.pools).toBe(shelf.pools)
    expect(evaluate(after).capacity.rawBytes).toBeGreaterThan(evaluate(shelf).capacity.rawBytes)
  })

  test('the same model again changes nothing at all', () => {
    expect(putDrivesInBays(shelf, hush, ['chassis-1/1', 'chassis-1/2'])).toBe(shelf)
  })

  test('moving to a taken bay makes the two change places', () => {
    const [one, two] = [driveIn(shelf, 'chassis-1/1'), driveIn(shelf, 'chassis-1/2')]
    const after = moveDrive(shelf, one?.id ?? '', 'chassis-1/2')
    expect(driveIn(after, 'chassis-1/2')?.id).toBe(one?.id)
    expect(driveIn(after, 'chassis-1/1')?.id).toBe(two?.id)
  })

  test('moving nothing, or to where it is, changes nothing', () => {
    expect(moveDrive(shelf, 'drive-99', 'chassis-1/1')).toBe(shelf)
    expect(moveDrive(shelf, driveIn(shelf, 'chassis-1/1')?.id ?? '', 'chassis-1/1')).toBe(shelf)
  })

  test('removing the last drive of a model lets its data sheet go', () => {
    const ids = fittedOfKind(shelf, 'drive').map(({ part }) => part.id)
    const after = removeParts(shelf, ids)
    expect(after.snapshots.some(({ sheet }) => sheet.kind === 'drive')).toBe(false)
    expect(after.pools).toEqual([])
  })
})

describe('groups', () => {
  const cabin = demoDesign('cabin-archive')
  const idsOf = (letter: string) =>
    letteredGroups(cabin).find((group) => group.letter === letter)?.group.driveIds ?? []

  test('a new layout stands where the old one stood', () => {
    const after = groupDrives(cabin, [{ kind: 'raidz3', driveIds: idsOf('A') }])
    expect(letteredGroups(after).map(({ letter, group }) => [letter, group.kind])).toEqual([
      ['A', 'raidz3'],
      ['B', 'raidz2'],
    ])
  })

  test('a group may take a drive from another; what is left stays a group', () => {
    const taken = idsOf('A').slice(0, 2)
    const after = groupDrives(cabin, [{ kind: 'mirror', driveIds: taken }])
    const widths = letteredGroups(after).map(({ group }) => group.driveIds.length)
    expect(widths).toEqual([4, 6, 2])
  })

  test('a group robbed of too many members is dissolved', () => {
    const after = groupDrives(cabin, [{ kind: 'raidz1', driveIds: idsOf('A').slice(0, 5) }])
    expect(letteredGroups(after).map(({ group }) => [group.kind, group.driveIds.length])).toEqual([
      ['raidz1', 5],
      ['raidz2', 6],
    ])
    expect(evaluate(after).findings.map(({ code }) => code)).toContain('drives-in-no-group')
  })

  test('all drives of a pool can become something else without losing the pool', () => {
    const all = [...idsOf('A'), ...idsOf('B')]
    const after = groupDrives(cabin, [{ kind: 'raidz3', driveIds: all }])
    expect(after.pools.map(({ name, groups }) => [name, groups.length])).toEqual([['plates', 1]])
  })

  test('null makes a pool of its own', () => {
    const after = groupDrives(cabin, [{ kind: 'mirror', driveIds: idsOf('B').slice(0, 2) }], null)
    expect(after.pools).toHaveLength(2)
    expect(after.pools[1]?.name).toBe('pool 2')
  })

  test('ungrouping drives that are in no group changes nothing', () => {
    expect(ungroupDrives(cabin, ['drive-99'])).toBe(cabin)
  })

  test('letters go on after Z', () => {
    const drives = Array.from({ length: 28 }, (_, index) => `drive-${index + 1}`)
    const design: Design = {
      ...cabin,
      pools: [
        {
          id: 'pool-1',
          name: 'many',
          family: 'zfs',
          ashift: 12,
          groups: drives.map((id, index) => ({
            id: `group-${index}`,
            kind: 'stripe',
            driveIds: [id],
          })),
        },
      ],
    }
    expect(
      letteredGroups(design)
        .map(({ letter }) => letter)
        .slice(25),
    ).toEqual(['Z', 'AA', 'AB'])
  })
})

describe('other parts and fields', () => {
  test('a machine has one board, but as many controllers as are added', () => {
    const two = [demoPart('lockrow-six'), demoPart('lockrow-eight')].reduce(fitPart, shelf)
    expect(fittedOfKind(two, 'controller')).toHaveLength(2)
    const other = fitPart(two, demoPart('tindrel-watch-atx'))
    expect(fittedOfKind(other, 'board')).toHaveLength(1)
    expect(fittedOne(other, 'board')?.sheet.model).toBe('Watch ATX')
  })

  test('names and fields', () => {
    expect(renameDesign(shelf, '  Loft  ').name).toBe('Loft')
    expect(renameDesign(shelf, '   ')).toBe(shelf)
    expect(changeBrief(shelf, { failuresWanted: 2 }).brief.failuresWanted).toBe(2)
    expect(changeHouseRules(shelf, { fillCeiling: 0.9 }).houseRules.fillCeiling).toBe(0.9)
    const noted = notePieces(shelf, ['drive-1'], { owned: true, ageYears: 3 })
    expect(noted.fitted.filter(({ owned }) => owned).map(({ id }) => id)).toEqual([
      'drive-1',
      'boot-1',
    ])
  })

  test('the next id is after the highest one', () => {
    expect(nextId('drive', ['drive-1', 'drive-7', 'drive-x', 'group-9'])).toBe('drive-8')
  })
})

test('what was done since a document is told in the words of the steps', () => {
  const [one, two, three] = ['One', 'Two', 'Three'].map((name) => renameDesign(shelf, name))
  if (!one || !two || !three) throw new Error('no designs')
  const way = [
    ['name it', one],
    ['change the watt limit', two],
    ['name it', three],
  ] as const
  const history = way.reduce(
    (before, [label, after]) => record(before, label, after),
    startHistory(shelf),
  )
  expect(stepsSince(history, shelf)).toBe('name it; change the watt limit')
  expect(stepsSince(history, two)).toBe('name it')
  expect(stepsSince(history, three)).toBe('')
  expect(stepsSince(undo(undo(history)), three)).toBe('take back: change the watt limit; name it')
  expect(stepsSince(history, renameDesign(shelf, 'Elsewhere'))).toBe('')
})

describe('history', () => {
  test('undo and redo walk both ways', () => {
    let history = startHistory(shelf)
    const renamed = renameDesign(shelf, 'Loft')
    history = record(history, 'rename', renamed)
    expect(undo(history).present).toBe(shelf)
    expect(redo(undo(history)).present).toBe(renamed)
    expect(undo(undo(history)).present).toBe(shelf)
    expect(redo(history)).toBe(history)
  })

  test('an edit after an undo forgets what was undone', () => {
    let history = record(startHistory(shelf), 'one', renameDesign(shelf, 'One'))
    history = record(undo(history), 'two', renameDesign(shelf, 'Two'))
    expect(history.future).toEqual([])
    expect(history.past.map(({ label }) => label)).toEqual(['two'])
  })

  test('edits of the same words join when asked to', () => {
    let history = startHistory(shelf)
    for (const name of ['L', 'Lo', 'Loft']) {
      history = record(history, 'rename', renameDesign(history.present, name), true)
    }
    expect(history.past).toHaveLength(1)
    expect(undo(history).present).toBe(shelf)
  })

  test('an edit that changed nothing leaves no step', () => {
    expect(record(startHistory(shelf), 'nothing', shelf).past).toEqual([])
  })
})

describe('whatever edits are made', () => {
  const parts = demoParts()
  const bay = fc.integer({ min: 1, max: 14 }).map((number) => `chassis-1/${number}`)
  const anyPart = fc.constantFrom(...parts)
  const pieceKinds = [...new Set(parts.map(({ sheet }) => sheet.kind))]
  const drivePart = fc.constantFrom(...parts.filter(({ sheet }) => sheet.kind === 'drive'))
  const pieceIds = fc.array(
    fc
      .tuple(fc.constantFrom(...pieceKinds), fc.integer({ min: 1, max: 14 }))
      .map(([kind, number]) => `${kind}-${number}`),
    { maxLength: 8 },
  )
  const kind = fc.constantFrom('stripe', 'mirror', 'raidz1', 'raidz2', 'raidz3')
  type Edit = (design: Design) => Design
  const anyEdit: fc.Arbitrary<Edit> = fc.oneof(
    fc.tuple(drivePart, fc.array(bay, { maxLength: 6 })).map(
      ([part, bays]): Edit =>
        (before) =>
          putDrivesInBays(before, part, bays),
    ),
    anyPart
      .filter(({ sheet }) => sheet.kind !== 'drive')
      .map(
        (part): Edit =>
          (before) =>
            fitPart(before, part),
      ),
    fc.tuple(pieceIds, bay).map(([ids, to]): Edit => (before) => {
      const drive = fittedOfKind(before, 'drive').find(({ part }) => ids.includes(part.id))
      return drive ? moveDrive(before, drive.part.id, to) : before
    }),
    pieceIds.map(
      (ids): Edit =>
        (before) =>
          removeParts(before, ids),
    ),
    pieceIds.map(
      (ids): Edit =>
        (before) =>
          ungroupDrives(before, ids),
    ),
    fc
      .tuple(pieceIds, kind, fc.constantFrom(undefined, null))
      .map(([ids, wanted, pool]): Edit => (before) => {
        const drives = new Set(fittedOfKind(before, 'drive').map(({ part }) => part.id))
        const there = [...new Set(ids)].filter((id) => drives.has(id))
        return groupDrives(before, [{ kind: wanted, driveIds: there }], pool)
      }),
    fc
      .tuple(pieceIds, fc.constantFrom(...layoutFamilies), fc.nat(30))
      .map(([ids, family, at]): Edit => (before) => {
        const bytesOf = driveBytes(before)
        const drives = [...new Set(ids)].flatMap((id) => {
          const capacityBytes = bytesOf.get(id)
          return capacityBytes === undefined ? [] : [{ id, capacityBytes }]
        })
        const possible =
          drives.length > 0 ? family.layouts(drives).flatMap((one) => one.pool ?? []) : []
        const pool = possible[at % Math.max(1, possible.length)]
        return pool ? layOut(before, pool) : before
      }),
  )
  const start = fc.constantFrom('cabin-archive', 'warm-room-shelf', 'drawer-of-drives')

  test('no reference dangles and evaluate answers', () => {
    fc.assert(
      fc.property(start, fc.array(anyEdit, { maxLength: 12 }), (name, edits) => {
        const design = edits.reduce((before, edit) => edit(before), demoDesign(name))
        expect(brokenReferences(design)).toEqual([])
        const { capacity, power, cost } = evaluate(design)
        for (const figure of [capacity.workingBytes, power.dc.likely, cost.total.likely]) {
          expect(Number.isFinite(figure)).toBe(true)
        }
      }),
      { numRuns: 150 },
    )
  })
})
