import { demoDesign } from '../../../fixtures/demo'
import { billOfMaterials } from '../../money/billOfMaterials'
import { billText } from '../../money/billText'
import { formatterFor } from '../../units/formatter'
import type { Design } from '../design'
import type { MoneyChoices } from '../money'
import { addBundle, addExtra, changeLine, forgetLine, splitLine } from './changeMoney'
import { applyEdit, edit } from './edit'

const shelf = demoDesign('warm-room-shelf')
const bill = ({ brief, ...design }: Design) => billOfMaterials(brief.currency, design)
/** As the application makes it, and as a script would send it. */
function changed(design: Design, change: Partial<MoneyChoices>): Design {
  const sent = edit.parse(JSON.parse(JSON.stringify({ do: 'change-money', change })))
  return applyEdit(design, sent)
}
const lineOf = (design: Design, name: string) => {
  const line = bill(design).lines.find((one) => one.name === name)
  if (!line) throw new Error(`no line ${name}`)
  return line
}
const DRIVES = 'Marrowby Hush 8'

test('what is said about a line makes it a purchase, and taking it back leaves no trace', () => {
  const price = { currency: 'EUR', unitMinor: 15_000 }
  const cheaper = changed(shelf, changeLine(shelf.money, lineOf(shelf, DRIVES), { price }))
  expect(lineOf(cheaper, DRIVES)).toMatchObject({ id: 'purchase-1', pieces: 4, totalMinor: 60_000 })
  const later = changed(
    cheaper,
    changeLine(cheaper.money, lineOf(cheaper, DRIVES), { buy: 'later' }),
  )
  expect(later.money.purchases).toHaveLength(1)
  expect(lineOf(later, DRIVES)).toMatchObject({ buy: 'later', totalMinor: 60_000 })
  expect(changed(later, forgetLine(later.money, lineOf(later, DRIVES)))).toEqual(shelf)
})

test('one of four is bought otherwise, whatever was said of the others', () => {
  const said = changed(shelf, changeLine(shelf.money, lineOf(shelf, DRIVES), { shop: 'Corner' }))
  const split = changed(said, splitLine(said.money, lineOf(said, DRIVES)))
  const those = bill(split).lines.filter(({ name }) => name === DRIVES)
  expect(those.map(({ pieces, condition, shop }) => [pieces, condition, shop])).toEqual([
    [1, 'used', ''],
    [3, 'new', 'Corner'],
  ])
})

test('something beside the machine and a bundle come and go', () => {
  const extra = changed(shelf, addExtra(shelf.money, 'screws'))
  const priced = changed(
    extra,
    changeLine(extra.money, lineOf(extra, 'screws'), {
      price: { currency: 'EUR', unitMinor: 350 },
      shippingMinor: 0,
      pieces: 2,
    }),
  )
  expect(bill(priced).total.likely).toBe(bill(shelf).total.likely + 700)
  expect(changed(priced, forgetLine(priced.money, lineOf(priced, 'screws')))).toEqual(shelf)
  const [first = { id: '' }] = shelf.snapshots
  const bundle = changed(shelf, addBundle(shelf.money, 'all in one', [first.id]))
  const whole = changed(
    bundle,
    changeLine(bundle.money, lineOf(bundle, 'all in one'), {
      price: { currency: 'EUR', unitMinor: 9_000 },
      shippingMinor: 0,
    }),
  )
  expect(lineOf(whole, 'all in one')).toMatchObject({ sumMinor: 9_000, partIds: ['chassis-1'] })
  expect(changed(whole, forgetLine(whole.money, lineOf(whole, 'all in one')))).toEqual(shelf)
})

test('a change of one field fills in nothing else', () => {
  const { change } = edit.parse({ do: 'change-money', change: { rates: [] } }) as {
    change: object
  }
  expect(Object.keys(change)).toEqual(['rates'])
})

test('the list as text: a line each, with what is said of it, and the sum', () => {
  const said = changed(
    shelf,
    changeLine(shelf.money, lineOf(shelf, DRIVES), {
      shop: 'Corner',
      condition: 'used',
      buy: 'later',
      on: '2027-02-01',
    }),
  )
  const text = billText('Shelf', bill(said), formatterFor('en'))
  expect(text).toContain('4 × Marrowby Hush 8: €165.00 each, used, Corner, on 2027-02-01\n')
  expect(text).not.toContain('Quillon Stub')
  expect(text).toContain('\nTogether €1,235.30, shipping included as far as it is known.\n')
})
