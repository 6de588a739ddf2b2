import { evaluate } from '../evaluate'
import { resolveMachine } from '../machine/resolveMachine'
import { fittedWithSheets } from './fittedParts'
import { oldComputer } from './oldComputer'
import { parseDesign } from './parseDesign'
import { readDriveList } from './readDriveList'

const old = oldComputer({
  name: 'Attic',
  boardSize: 'ATX',
  bays: 6,
  sataPorts: 6,
  memoryBytes: 8 * 2 ** 30,
  supplyWatts: 400,
  drives: [
    { count: 5, capacityBytes: 2e12 },
    { count: 2, capacityBytes: 500e9 },
  ],
})

describe('an old computer that is there', () => {
  test('is a legal design, owned to the last piece, of no catalogue', () => {
    expect(parseDesign(JSON.parse(JSON.stringify(old)))).toEqual({ design: old })
    expect(old.fitted.every(({ owned }) => owned)).toBe(true)
    expect(old.snapshots.every(({ slug }) => slug === null)).toBe(true)
    expect(evaluate(old).cost.total.likely).toBe(0)
  })

  test('drives go into its bays in order, the rest lie on the bench', () => {
    const { driveIn, awayIds } = resolveMachine(old)
    expect([...driveIn.values()]).toEqual([
      'drive-1',
      'drive-2',
      'drive-3',
      'drive-4',
      'drive-5',
      'drive-6',
    ])
    expect(awayIds).toEqual(['drive-7'])
  })

  test('nothing blocks but what is not done yet, and no watts are made up', () => {
    const { findings, power, stillToChoose } = evaluate(old)
    const blocking = findings.filter(({ severity }) => severity === 'blocks')
    expect(blocking.map(({ step }) => step)).toEqual(blocking.map(() => 'drives'))
    expect(power.wall?.missing.length).toBeGreaterThan(0)
    expect(stillToChoose.map(({ choice }) => choice)).not.toContain('board')
  })

  test('what nobody has measured is said to be assumed', () => {
    for (const { sheet } of fittedWithSheets(old)) {
      if (sheet.kind === 'chassis') expect(sheet.sources.depthMm).toBe('assumed')
      if (sheet.kind === 'board') expect(sheet.sources.memorySlots).toBe('assumed')
      if (sheet.kind === 'cpu') expect(sheet.sources.cores).toBe('assumed')
    }
  })

  test('many bays make the case higher, never the bays lower than its floor', () => {
    const tall = oldComputer({
      name: '',
      boardSize: 'Mini-ITX',
      bays: 20,
      sataPorts: 4,
      memoryBytes: null,
      supplyWatts: 300,
      drives: [],
    })
    const [chassis] = fittedWithSheets(tall)
    const { heightMm } = chassis?.sheet.kind === 'chassis' ? chassis.sheet : { heightMm: 0 }
    for (const bay of resolveMachine(tall).bays) {
      expect(bay.topMm).toBeGreaterThanOrEqual(0)
      expect(bay.topMm + bay.heightMm).toBeLessThan(heightMm)
    }
    expect(tall.fitted.some(({ id }) => id.startsWith('memory'))).toBe(false)
  })
})

describe('drives as a person lists them', () => {
  test.each([
    [
      '4 × 2 TB, 2 × 500 GB',
      [
        [4, 2e12],
        [2, 500e9],
      ],
    ],
    ['6x4TB', [[6, 4e12]]],
    ['3 * 1,5 TB', [[3, 1.5e12]]],
    ['2 TB', [[1, 2e12]]],
    ['8', [[1, 8e12]]],
    [
      '1 × 18.2 TiB; 1 × 3 TB',
      [
        [1, Math.round(18.2 * 2 ** 40)],
        [1, 3e12],
      ],
    ],
    ['', []],
  ])('%s', (text, expected) => {
    expect(readDriveList(text)).toEqual(
      expected.map(([count, capacityBytes]) => ({ count, capacityBytes })),
    )
  })

  test.each([
    ['four drives', '“four drives” is not a size.'],
    ['2 × 300 MB', 'a drive has from 1 GB'],
    ['0 × 2 TB', 'is no drive'],
    ['121 × 2 TB', '120 is the most'],
  ])('%s is refused', (text, words) => {
    expect(readDriveList(text)).toEqual({ problem: expect.stringContaining(words) as string })
  })
})
