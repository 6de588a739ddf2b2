import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { Ajv2020 } from 'ajv/dist/2020.js'
import { demoDesign } from '../../fixtures/demo'
import { designJsonSchema } from './designJsonSchema'
import type { Design } from './design'
import { dataNowBytes } from './brief'
import { evaluate } from '../evaluate'
import { newDesign } from './newDesign'
import { driveIdsOf } from '../../fixtures/ruleTable'
import { groupDrives } from './edits/groupDrives'
import { parseDesign } from './parseDesign'

const DEMO = ['cabin-archive', 'warm-room-shelf', 'drawer-of-drives']
const shelf = demoDesign('warm-room-shelf')

/** The document with one thing changed, as somebody's editor might have. */
function spoilt(change: (design: Record<string, never> & Design) => void): unknown {
  const copy = structuredClone(shelf)
  change(copy as Record<string, never> & Design)
  return copy
}

describe('what is wrong is named with its field, in a sentence', () => {
  const cases: [string, unknown, string, string][] = [
    ['no object', 7, '', 'The input is not an object.'],
    ['another format', { ...shelf, format: 'other' }, 'format', '"flint-shelf/design"'],
    [
      'a newer version',
      { ...shelf, version: 15 },
      'version',
      'It was made by a newer Flint Shelf: its document version is 15, and 14 is the newest read here.',
    ],
    ['an unknown field', { ...shelf, colour: 'red' }, 'colour', 'colour is not a known field.'],
    [
      'an unknown field inside',
      spoilt((design) => Object.assign(design.brief, { wish: 1 })),
      'brief.wish',
      'brief.wish is not a known field.',
    ],
    [
      'a missing field',
      spoilt((design) => Reflect.deleteProperty(design.brief, 'horizonYears')),
      'brief.horizonYears',
      'brief.horizonYears is missing or not a number.',
    ],
    [
      'a number that is too large',
      spoilt((design) => (design.houseRules.fillCeiling = 1.5)),
      'houseRules.fillCeiling',
      'houseRules.fillCeiling must be at most 1.',
    ],
    [
      'an unknown kind of group',
      spoilt((design) => Object.assign(design.pools[0]?.groups[0] ?? {}, { kind: 'raidz9' })),
      'pools[0].groups[0].kind',
      'must be one of',
    ],
    [
      'more bays than can be drawn',
      spoilt(({ snapshots }) => {
        const sheet = snapshots.map((one) => one.sheet).find(({ kind }) => kind === 'chassis')
        if (sheet?.kind !== 'chassis') throw new Error('no case')
        const [block] = sheet.bayBlocks
        if (block) sheet.bayBlocks = [1, 2, 3].map(() => ({ ...block, rows: 30, columns: 30 }))
      }),
      'fitted',
      'The parts have 2700 bays in all; 2048 is the most.',
    ],
    ['an empty name', { ...shelf, name: ' ' }, 'name', 'name must not be empty.'],
    [
      'an id given twice',
      spoilt((design) => design.fitted.push(design.fitted[0] as never)),
      `fitted[${shelf.fitted.length}].id`,
      'given twice',
    ],
    [
      'a data sheet that is not there',
      spoilt((design) => Object.assign(design.fitted[0] ?? {}, { snapshotId: 'sheet-99' })),
      'fitted[0].snapshotId',
      'sheet-99, which is not in the document',
    ],
    [
      'two drives in one bay',
      spoilt((design) => {
        for (const part of design.fitted) if (part.bay) part.bay = 'chassis-1/1'
      }),
      'fitted[8].bay',
      'are both in chassis-1/1',
    ],
    [
      'a bay for a board',
      spoilt((design) => Object.assign(design.fitted[1] ?? {}, { bay: 'chassis-1/9' })),
      'fitted[1].bay',
      'is no drive',
    ],
    [
      'a drive in two groups',
      spoilt((design) => design.pools[0]?.groups[0]?.driveIds.push('drive-1')),
      'pools[0].groups[0].driveIds[4]',
      'already a member',
    ],
    [
      'a group of something else',
      spoilt((design) => design.pools[0]?.groups[0]?.driveIds.push('board-1')),
      'pools[0].groups[0].driveIds[4]',
      'not a drive',
    ],
  ]
  test.each(cases)('%s', (_name, raw, field, words) => {
    const parsed = parseDesign(raw)
    expect('problems' in parsed && parsed.problems[0]).toMatchObject({
      field,
      sentence: expect.stringContaining(words) as string,
    })
  })

  test('at most twenty problems are told', () => {
    const raw = { ...shelf, fitted: Array.from({ length: 500 }, () => ({})) }
    const parsed = parseDesign(raw)
    expect('problems' in parsed && parsed.problems).toHaveLength(20)
  })
})

test('a document of the first version opens; what it never said is not known', () => {
  const path = join(
    import.meta.dirname,
    '..',
    '..',
    'fixtures',
    'designs',
    'warm-room-shelf-version-1.json',
  )
  const parsed = parseDesign(JSON.parse(readFileSync(path, 'utf8')))
  if (!('design' in parsed)) throw new Error(parsed.problems[0]?.sentence)
  const { version, brief, houseRules, snapshots } = parsed.design
  expect(version).toBe(14)
  // Of which kind the data was, nobody asked then; as much as the demo has now.
  expect(brief.data).toEqual([
    expect.objectContaining({ kind: 'other', nowBytes: dataNowBytes(shelf.brief) }),
  ])
  expect(houseRules.ecc).toBe('worthwhile')
  expect(snapshots[0]?.sheet).toMatchObject({ kind: 'chassis', boardSizes: null, fanCount: null })
  const { findings, capacity } = evaluate(parsed.design)
  // Two ZFS pairs of 8 TB, as that document had them.
  const ids = driveIdsOf(shelf)
  const pairs = groupDrives(shelf, [
    { kind: 'mirror', driveIds: ids.slice(0, 2) },
    { kind: 'mirror', driveIds: ids.slice(2) },
  ])
  expect(capacity.availableBytes).toBe(evaluate(pairs).capacity.availableBytes)
  expect(findings.map(({ code }) => code)).toContain('board-size-not-taken-not-known')
})

test('a document of the third version opens as it was: its pools are those of ZFS', () => {
  const houseRules: Record<string, unknown> = { ...shelf.houseRules }
  delete houseRules.compressionRatio
  const groups = [{ id: 'group-1', kind: 'raidz1', driveIds: ['drive-1', 'drive-2', 'drive-3'] }]
  const pools = [{ id: 'pool-1', name: 'nights', family: 'zfs', ashift: 12, groups }]
  const parsed = parseDesign({ ...shelf, version: 3, houseRules, pools })
  if (!('design' in parsed)) throw new Error(parsed.problems[0]?.sentence)
  expect(parsed.design.pools).toEqual(pools)
  expect(parsed.design.houseRules.compressionRatio).toBe(1)
})

describe('the published schema', () => {
  const path = join(import.meta.dirname, '..', '..', '..', '..', 'docs', 'design.schema.json')
  const published = JSON.parse(readFileSync(path, 'utf8')) as Record<string, unknown>

  test('is the one in the code; npm run schema writes it anew', () => {
    expect(published).toEqual(JSON.parse(JSON.stringify(designJsonSchema())))
  })

  // Source: JSON Schema 2020-12, as read by ajv, a general-purpose library.
  test('accepts the demo and a new design, by another library', () => {
    const validate = new Ajv2020({ strict: false }).compile(published)
    for (const design of [...DEMO.map(demoDesign), newDesign('new')]) {
      expect(validate(design) || validate.errors).toBe(true)
    }
    expect(validate({ ...shelf, colour: 'red' })).toBe(false)
  })
})
