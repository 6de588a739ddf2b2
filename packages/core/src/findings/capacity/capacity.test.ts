import { demoDesign } from '../../../fixtures/demo'
import { dataOfOneKind, type RuleCase, testRules } from '../../../fixtures/ruleTable'
import { changeBrief } from '../../design/edits/changeFields'
import { TIB } from '../../units/bytes'

const shelf = demoDesign('warm-room-shelf')

// None of these needs a value that a data sheet may lack: drives always give their size.
const cases: RuleCase[] = [
  {
    code: 'too-small',
    severity: 'risks',
    words: 'Full after 1.2 of 3 years: 11.6 TiB of usable space against 19 TiB wanted.',
    bad: changeBrief(shelf, { data: dataOfOneKind(7 * TIB, 4 * TIB) }),
    good: shelf,
    unknown: null,
  },
  {
    code: 'too-small',
    severity: 'blocks',
    words: "Today's 12 TiB do not fit in 11.6 TiB",
    bad: changeBrief(shelf, { data: dataOfOneKind(12 * TIB, TIB) }),
    good: shelf,
    unknown: null,
  },
  {
    code: 'too-few-failures-survived',
    severity: 'risks',
    words: 'Any 1 failure is survived; the brief asks for any 2.',
    bad: changeBrief(shelf, { failuresWanted: 2 }),
    good: changeBrief(shelf, { failuresWanted: null }),
    unknown: null,
  },
  {
    code: 'too-few-free-bays',
    severity: 'risks',
    words: 'No bay is left free; the brief wants 1',
    bad: changeBrief(shelf, { freeBaysWanted: 1 }),
    good: shelf,
    unknown: null,
  },
  {
    code: 'no-second-copy',
    severity: 'risks',
    words: 'Redundancy is not a backup',
    bad: changeBrief(shelf, { secondCopy: ' ' }),
    good: shelf,
    unknown: null,
  },
]

testRules(cases)
