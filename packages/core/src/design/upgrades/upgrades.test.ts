import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import fc from 'fast-check'
import { demoPart } from '../../../fixtures/demo'
import { evaluate } from '../../evaluate'
import { bayPlan } from '../../machine/bayPlan'
import { resolveMachine } from '../../machine/resolveMachine'
import type { Design } from '../design'
import { newDesign } from '../newDesign'
import { parseDesign } from '../parseDesign'

const FIXTURES = join(import.meta.dirname, '..', '..', '..', 'fixtures')
const read = (...path: string[]): unknown =>
  JSON.parse(readFileSync(join(FIXTURES, ...path), 'utf8'))
const upgraded = (raw: unknown): Design => {
  const parsed = parseDesign(raw)
  if ('design' in parsed) return parsed.design
  throw new Error(parsed.problems[0]?.sentence)
}

interface AsBefore {
  availableBytes: number
  workingBytes: number
  totalMinor: number
  /** Behind the supply: how much that loses is no part of a document. */
  idleDcWatts: number
  bays: (string | null)[]
}
const asBefore = read('designs-as-before.json') as Record<string, AsBefore>

test('a design of every version is there', () => {
  const names = readdirSync(join(FIXTURES, 'designs')).map((file) => file.replace('.json', ''))
  expect(names.toSorted()).toEqual(Object.keys(asBefore).toSorted())
  const versions = new Set(names.map((name) => name.replace(/.*-version-/, '')))
  expect([...versions].map(Number).toSorted((one, other) => one - other)).toEqual([
    1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13,
  ])
})

test.each(Object.entries(asBefore))(
  '%s holds, costs and draws what it did, with every drive in its bay',
  (name, before) => {
    const design = upgraded(read('designs', `${name}.json`))
    expect(design.version).toBe(14)
    const machine = resolveMachine(design)
    const { capacity, cost, power } = evaluate(design, machine)
    const { bays } = bayPlan(machine, design)
    expect(capacity.availableBytes).toBe(before.availableBytes)
    expect(capacity.workingBytes).toBe(before.workingBytes)
    expect(cost.total.likely).toBe(before.totalMinor)
    expect(power.dc.likely).toBeCloseTo(before.idleDcWatts, 9)
    expect(bays.map(({ drive }) => drive?.part.id ?? null)).toEqual(before.bays)
    // What is upgraded is a design of today, and stays as it is.
    expect(upgraded(JSON.parse(JSON.stringify(design)))).toEqual(design)
  },
)

test('what was asked for a part stands beside its data sheet, whatever stood on the sheet before', () => {
  const raw = read('designs', 'warm-room-shelf-version-12.json') as {
    snapshots: { sheet: { price: { unitMinor: number } | null } }[]
  }
  const { snapshots } = upgraded(raw)
  expect(snapshots.map(({ price }) => price)).toEqual(raw.snapshots.map(({ sheet }) => sheet.price))
  expect(snapshots.filter(({ price }) => price !== null).length).toBeGreaterThan(5)
  for (const { sheet } of snapshots) expect(sheet).not.toHaveProperty('price')
})

const without = (from: object, field: string): object =>
  Object.fromEntries(Object.entries(from).filter(([name]) => name !== field))

/** A machine as version 5 wrote it: bays counted over the whole of it, the case first, then cages, then enclosures. */
function version5(slugs: readonly string[], bays: readonly number[]): Record<string, unknown> {
  const { fitted, snapshots, ...rest } = newDesign('old', slugs.map(demoPart))
  const drive = demoPart('quillon-keep-12')
  const sheet = { id: 'sheet-drive', slug: drive.slug, catalogueVersion: 1, sheet: drive.sheet }
  return {
    ...rest,
    version: 5,
    paths: { members: 'spread', cardPins: [], portPins: [], leadPins: [] },
    snapshots: [...snapshots, sheet],
    fitted: [
      ...fitted.map((part) => without(part, 'away')),
      ...bays.map((bay, index) => ({
        id: `drive-${index + 1}`,
        snapshotId: sheet.id,
        owned: false,
        bay: `bay-${bay}`,
        label: '',
        ageYears: null,
        sockets: [],
      })),
    ],
  }
}

test('wherever drives were, with cages and enclosures, they are in the same place', () => {
  const beside = fc.subarray(['ashgrove-inset-3', 'ashgrove-drawer-4s', 'pellworth-annex-4'])
  fc.assert(
    fc.property(
      beside,
      fc.uniqueArray(fc.integer({ min: 1, max: 13 }), { maxLength: 6 }),
      (more, bays) => {
        const slugs = ['ashgrove-gap-4', ...more]
        const all = resolveMachine(upgraded(version5(slugs, []))).bays
        const design = upgraded(version5(slugs, bays))
        const machine = resolveMachine(design)
        bays.forEach((bay, index) => {
          // Bays of the machine are listed as version 5 counted them.
          const place = all[bay - 1]
          const drive = `drive-${index + 1}`
          const found = [...machine.driveIn].find(([, id]) => id === drive)?.[0]
          expect(found).toBe(place?.id)
          // What was in no bay of this machine lies on the bench.
          expect(machine.awayIds.includes(drive)).toBe(place === undefined)
        })
      },
    ),
  )
})
