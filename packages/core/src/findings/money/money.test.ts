import { demoDesign } from '../../../fixtures/demo'
import { type RuleCase, testRules, withPart } from '../../../fixtures/ruleTable'
import { changeBrief } from '../../design/edits/changeFields'

const shelf = demoDesign('warm-room-shelf')
const limited = changeBrief(shelf, { costLimitMinor: 100_000 })
const free = { price: { currency: 'EUR', unitMinor: 0, shippingMinor: 0 } }

const cases: RuleCase[] = [
  {
    code: 'cost-over-limit',
    severity: 'risks',
    words: '€1,235 to buy, €235 over the limit.',
    bad: limited,
    good: shelf,
    // The limit looks kept, but only because a price is missing.
    unknown: withPart(changeBrief(shelf, { costLimitMinor: 120_000 }), 'tindrel-plain-itx', {
      price: null,
    }),
    unknownCode: 'price-not-known',
  },
  {
    code: 'other-currency',
    severity: 'risks',
    words: 'Tindrel Plain ITX is priced in SEK',
    bad: withPart(shelf, 'tindrel-plain-itx', {
      price: { currency: 'SEK', unitMinor: 140_000, shippingMinor: 0 },
    }),
    good: shelf,
    unknown: withPart(shelf, 'tindrel-plain-itx', { price: null }),
    unknownCode: 'price-not-known',
  },
  {
    code: 'price-not-known',
    severity: 'note',
    words: 'The price of Tindrel Plain ITX is not known, so the sum is too low.',
    bad: withPart(shelf, 'tindrel-plain-itx', { price: null }),
    good: withPart(shelf, 'tindrel-plain-itx', free),
    unknown: null,
  },
]

testRules(cases)
