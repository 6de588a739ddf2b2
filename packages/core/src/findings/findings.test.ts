import fc from 'fast-check'
import { changedPart, demoDesign, demoPart, demoParts } from '../../fixtures/demo'
import { partSheet } from '../catalogue/partKinds'
import { sheetColumns, withColumnValue } from '../catalogue/sheetColumns'
import { goesIntoBay } from '../design/bayUse'
import { baysOf } from '../catalogue/bays'
import type { DesignDocument } from '../design/document'
import { changeBrief } from '../design/edits/changeFields'
import { fitPart } from '../design/edits/fitPart'
import { groupDrives } from '../design/edits/groupDrives'
import { moveDrive } from '../design/edits/moveDrive'
import { putDrivesInBays } from '../design/edits/putDrivesInBays'
import { removeParts } from '../design/edits/removeParts'
import { ungroupDrives } from '../design/edits/ungroupDrives'
import { letteredGroups } from '../design/groupLetters'
import { newDesign } from '../design/newDesign'
import { evaluate } from '../evaluate'
import { TIB } from '../units/bytes'

const cabin = demoDesign('cabin-archive')
const shelf = demoDesign('warm-room-shelf')
const allBays = (document: DesignDocument): string[] =>
  document.fitted.flatMap(({ bay }) => (bay ? [bay] : []))
const driveIds = (document: DesignDocument): string[] =>
  document.fitted.filter(({ bay }) => bay).map(({ id }) => id)
const find = (document: DesignDocument, code: string) =>
  evaluate(document).findings.find((finding) => finding.code === code)

test('a sound design has nothing to look at', () => {
  // But for what its case is like: a supply over the board.
  expect(evaluate(shelf).findings.map(({ code }) => code)).toEqual(['supply-over-board'])
})

/** For each rule: a design it must speak about, with its severity and words, and one it must not. */
const rules: [
  code: string,
  severity: string,
  words: string,
  bad: DesignDocument,
  good: DesignDocument,
][] = [
  ['no-pool', 'blocks', 'in no group yet', ungroupDrives(shelf, driveIds(shelf)), shelf],
  [
    'pool-cannot-be-made',
    'blocks',
    'Group A cannot be made: a raidz2 needs at least 3 members, not 2.',
    removeParts(cabin, driveIds(cabin).slice(0, 4)),
    cabin,
  ],
  [
    'member-on-the-bench',
    'blocks',
    '1 member of a group lies on the bench; 1 bay is free.',
    moveDrive(shelf, 'drive-1', null),
    shelf,
  ],
  [
    'drive-does-not-fit-bay',
    'blocks',
    'The 3.5" drive in bay 1, row 1 of 4 does not fit',
    fitPart(shelf, smallBays('2.5')),
    fitPart(shelf, smallBays('3.5')),
  ],
  [
    'too-few-ports',
    'blocks',
    '12 drives want a port and there are 6: 6 on the board, 0 on 0 controllers',
    removeParts(cabin, ['controller-1']),
    cabin,
  ],
  [
    'start-surge-too-high',
    'blocks',
    'the supply carries 20 A',
    fitPart(cabin, changedPart('emberlin-steady-550', { rated12VAmps: 20 })),
    cabin,
  ],
  ['wall-not-known', 'blocks', 'No power supply', removeParts(shelf, ['supply-1']), shelf],
  [
    'too-small',
    'risks',
    'Full after 1.1 of 3 years: 11.5 TiB to work with against 19 TiB wanted.',
    changeBrief(shelf, { data: oneKind(7 * TIB, 4 * TIB) }),
    shelf,
  ],
  [
    'too-small',
    'blocks',
    "Today's 12 TiB do not fit in 11.5 TiB",
    changeBrief(shelf, { data: oneKind(12 * TIB, TIB) }),
    shelf,
  ],
  [
    'too-few-failures-survived',
    'risks',
    'Any 1 failure is survived; the brief asks for any 2.',
    changeBrief(shelf, { failuresWanted: 2 }),
    changeBrief(shelf, { failuresWanted: null }),
  ],
  [
    'no-redundancy',
    'risks',
    'the first drive that fails loses all of pool nights',
    groupDrives(shelf, [{ kind: 'stripe', driveIds: driveIds(shelf) }]),
    shelf,
  ],
  [
    'single-parity-large-drives',
    'risks',
    'single parity over drives of 8 TB',
    groupDrives(shelf, [{ kind: 'raidz1', driveIds: driveIds(shelf) }]),
    groupDrives(putDrivesInBays(shelf, demoPart('marrowby-hush-6'), allBays(shelf)), [
      { kind: 'raidz1', driveIds: driveIds(shelf) },
    ]),
  ],
  [
    'unequal-redundancy',
    'note',
    'Pool plates survives any 1, because group A bears no more, though another group bears 2.',
    groupDrives(cabin, [
      { kind: 'raidz1', driveIds: letteredGroups(cabin)[0]?.group.driveIds ?? [] },
    ]),
    cabin,
  ],
  [
    'too-few-free-bays',
    'risks',
    'No bay is left free; the brief wants 1',
    changeBrief(shelf, { freeBaysWanted: 1 }),
    shelf,
  ],
  [
    'cost-over-limit',
    'risks',
    '€1,235 to buy, €235 over the limit.',
    changeBrief(shelf, { costLimitMinor: 100_000 }),
    shelf,
  ],
  [
    'other-currency',
    'risks',
    'Tindrel Plain ITX is priced in SEK',
    fitPart(
      shelf,
      changedPart('tindrel-plain-itx', {
        price: { currency: 'SEK', unitMinor: 140_000, shippingMinor: 0 },
      }),
    ),
    shelf,
  ],
  [
    'idle-over-limit',
    'risks',
    '28 W idle at the wall, over the limit of 20 W.',
    changeBrief(shelf, { idleWattsLimit: 20 }),
    shelf,
  ],
  [
    'idle-over-limit',
    'note',
    'keeps the limit of 30 W, but measured it may be up to 36 W',
    changeBrief(shelf, { idleWattsLimit: 30 }),
    changeBrief(shelf, { idleWattsLimit: null }),
  ],
  ['deep-idle-vetoed', 'note', 'Lockrow Sixteen keeps the CPU out of deep idle: 9 W', cabin, shelf],
  [
    'mixed-sizes',
    'note',
    'Group A counts every drive as 4 TB, its smallest; 4 TB lie idle.',
    putDrivesInBays(shelf, demoPart('marrowby-hush-4'), ['bay-1']),
    shelf,
  ],
  [
    'drives-in-no-group',
    'note',
    '2 drives are in a bay but in no group: 6.8 W for nothing.',
    ungroupDrives(shelf, ['drive-3', 'drive-4']),
    shelf,
  ],
  [
    'no-second-copy',
    'risks',
    'Redundancy is not a backup',
    changeBrief(shelf, { secondCopy: ' ' }),
    shelf,
  ],
]

function oneKind(nowBytes: number, growthBytesPerYear: number) {
  return [{ kind: 'other' as const, nowBytes, growthBytesPerYear, fileBytes: 1_000_000 }]
}

function smallBays(formFactor: '2.5' | '3.5') {
  const block = { rows: 4, columns: 1, leftMm: 10, topMm: 10, bayWidthMm: 102, bayHeightMm: 26 }
  return changedPart('ashgrove-hearth-4', {
    bayBlocks: [{ ...block, gapMm: 2, formFactor, access: 'hot-swap', backplane: null }],
  })
}

describe.each(rules)('%s (%s)', (code, severity, words, bad, good) => {
  test('speaks where it must', () => {
    expect(find(bad, code)).toMatchObject({
      severity,
      sentence: expect.stringContaining(words) as string,
    })
  })

  test('is silent where it must be', () => {
    expect(find(good, code)).toBeUndefined()
  })
})

describe('fixes do away with what they fix', () => {
  test.each(
    rules
      .map(([code, , , bad]) => [code, bad] as const)
      .filter(([code, bad]) => find(bad, code)?.fix),
  )('%s', (code, bad) => {
    const fixed = find(bad, code)?.fix?.apply(bad)
    expect(fixed).toBeDefined()
    if (fixed) expect(find(fixed, code)?.partIds ?? []).not.toEqual(find(bad, code)?.partIds)
  })
})

test('the worst comes first', () => {
  const bad = removeParts(cabin, ['controller-1', 'supply-1'])
  const order = evaluate(bad).findings.map(({ severity }) => severity)
  const weight = ['blocks', 'risks', 'note']
  expect(order).toEqual(
    [...order].sort((one, other) => weight.indexOf(one) - weight.indexOf(other)),
  )
  expect(order[0]).toBe('blocks')
})

test('an empty design says what is missing and does not fail', () => {
  const codes = evaluate(newDesign('empty')).findings.map(({ code }) => code)
  expect(codes).toEqual(['no-pool', 'wall-not-known'])
})

test('findings write their numbers in the user’s digits', () => {
  const dear = changeBrief(shelf, { data: oneKind(12 * TIB, TIB) })
  const german = evaluate(dear, 'de').findings.find(({ code }) => code === 'too-small')
  expect(german?.sentence).toContain('11,5 TiB')
})

test('bays are numbered in reading order, block by block, where the blocks say', () => {
  const sheet = demoPart('pellworth-drystone-2u12').sheet
  if (sheet.kind !== 'chassis') throw new Error('no chassis')
  const bays = baysOf(sheet)
  expect(bays).toHaveLength(12)
  expect(bays[5]).toMatchObject({ id: 'bay-6', row: 2, column: 2, leftMm: 16 + 104, topMm: 3 + 28 })
  for (const { leftMm, topMm, widthMm, heightMm } of bays) {
    expect(leftMm + widthMm).toBeLessThanOrEqual(sheet.widthMm)
    expect(topMm + heightMm).toBeLessThanOrEqual(sheet.heightMm)
  }
})

describe('data sheets with gaps', () => {
  const parts = demoParts().filter(({ sheet }) => sheet.kind !== 'place')
  const gapped = fc
    .tuple(fc.constantFrom(...parts), fc.array(fc.nat(40), { maxLength: 12 }))
    .map(([part, at]) => {
      const optional = sheetColumns(part.sheet.kind).filter(({ optional: may }) => may)
      const sheet = at.reduce((before: Record<string, unknown>, index) => {
        const column = optional[index % optional.length]
        return column ? withColumnValue(before, column.name, null) : before
      }, part.sheet)
      const read = partSheet.safeParse(sheet)
      return { ...part, slug: `${part.slug}-gapped`, sheet: read.success ? read.data : part.sheet }
    })

  test('no combination of them makes evaluate throw, or a figure no number', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(shelf, cabin),
        fc.array(gapped, { minLength: 1, maxLength: 8 }),
        (start, some) => {
          const bays = ['bay-1', 'bay-2']
          const document = some.reduce(
            (before, part) =>
              part.sheet.kind === 'drive' && goesIntoBay(part.sheet)
                ? putDrivesInBays(before, part, bays)
                : fitPart(before, part),
            start,
          )
          const { capacity, power, cost, findings, limits } = evaluate(document)
          for (const figure of [capacity.workingBytes, power.dcWatts, cost.totalMinor]) {
            expect(Number.isFinite(figure)).toBe(true)
          }
          for (const { sentence, numbers } of findings) {
            expect(sentence).not.toMatch(/NaN|undefined|null|\[object/)
            expect(Object.values(numbers).every(Number.isFinite)).toBe(true)
          }
          for (const { has, wanted } of limits)
            expect(has + wanted).not.toMatch(/NaN|undefined|null/)
        },
      ),
      { numRuns: 200 },
    )
  })
})
