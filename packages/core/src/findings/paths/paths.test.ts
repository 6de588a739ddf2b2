import { demoDesign } from '../../../fixtures/demo'
import { type RuleCase, testRules, without, withPart } from '../../../fixtures/ruleTable'

const cabin = demoDesign('cabin-archive')
const bare = without(cabin, 'controller')

const cases: RuleCase[] = [
  {
    code: 'card-throttled',
    severity: 'risks',
    // Twelve drives of 250 MB/s on four lanes of the first generation, 250 MB/s each less packets.
    words: 'slot 1 gives it ×4 of generation 1, 800 MB/s, and what hangs on it can move 3,000.',
    bad: withPart(bare, 'lockrow-sixteen', { lanes: 4, pcieGeneration: 1 }),
    good: cabin,
    unknown: withPart(bare, 'lockrow-sixteen', { pcieGeneration: null }),
  },
  {
    code: 'card-throttled',
    severity: 'risks',
    // Common practice, no source: a 10 Gb/s card asks for 1,000 and more, one lane does not move it.
    words: 'Wickmere Ten is throttled',
    bad: withPart(cabin, 'wickmere-ten', { lanes: 1, pcieGeneration: 2 }),
    good: withPart(cabin, 'wickmere-ten'),
    unknown: withPart(cabin, 'wickmere-ten', { bitsPerSecond: null }),
  },
]

testRules(cases)
