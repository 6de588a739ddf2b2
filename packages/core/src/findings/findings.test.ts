import { wordsFor } from '../judging/words'
import { limitWords } from '../limits/limits'
import { formatterFor } from '../units/formatter'
import fc from 'fast-check'
import { demoDesign, demoPart, demoParts } from '../../fixtures/demo'
import { dataOfOneKind, written } from '../../fixtures/ruleTable'
import { partSheet } from '../catalogue/partKinds'
import { sheetColumns, withColumnValue } from '../catalogue/sheetColumns'
import { goesIntoBay } from '../catalogue/kinds/drive'
import { resolveMachine } from '../machine/resolveMachine'
import { changeBrief } from '../design/edits/changeFields'
import { fitPart } from '../design/edits/fitPart'
import { putDrivesInBays } from '../design/edits/putDrivesInBays'
import { removeParts } from '../design/edits/removeParts'
import { newDesign } from '../design/newDesign'
import { evaluate } from '../evaluate'
import { TIB } from '../units/bytes'

const cabin = demoDesign('cabin-archive')
const shelf = demoDesign('warm-room-shelf')

test('a sound design has nothing to look at', () => {
  // But for what its case is like: a supply over the board, one backplane and one lead for all drives.
  expect(evaluate(shelf).findings.map(({ code }) => code)).toEqual([
    'shared-part-fatal',
    'supply-over-board',
  ])
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
  const dear = changeBrief(shelf, { data: dataOfOneKind(12 * TIB, TIB) })
  const german = written(dear, 'de').find(({ code }) => code === 'too-small')
  expect(german?.sentence).toContain('11,6 TiB')
})

test('bays are numbered in reading order, block by block, where the blocks say', () => {
  const part = demoPart('pellworth-drystone-2u12')
  const { sheet } = part
  if (sheet.kind !== 'chassis') throw new Error('no chassis')
  const { bays } = resolveMachine(newDesign('case', [part]))
  expect(bays).toHaveLength(12)
  expect(bays[5]).toMatchObject({
    id: 'chassis-1/6',
    row: 2,
    column: 2,
    leftMm: 16 + 104,
    topMm: 3 + 28,
  })
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
          const bays = ['chassis-1/1', 'chassis-1/2']
          const design = some.reduce(
            (before, part) =>
              part.sheet.kind === 'drive' && goesIntoBay(part.sheet)
                ? putDrivesInBays(before, part, bays)
                : fitPart(before, part),
            start,
          )
          const { capacity, power, cost, limits } = evaluate(design)
          const words = wordsFor(design, formatterFor('en'))
          for (const figure of [capacity.workingBytes, power.dc.likely, cost.total.likely]) {
            expect(Number.isFinite(figure)).toBe(true)
          }
          for (const { sentence, facts } of written(design)) {
            expect(sentence).not.toMatch(/NaN|undefined|null|\[object|a part/)
            expect(JSON.parse(JSON.stringify(facts))).toEqual(facts)
          }
          for (const limit of limits) {
            expect(Object.values(limitWords(limit, words)).join()).not.toMatch(/NaN|undefined|null/)
          }
        },
      ),
      { numRuns: 200 },
    )
  })
})
