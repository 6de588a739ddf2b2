import { demoDesign } from '../../../fixtures/demo'
import { type RuleCase, testRules, withPart } from '../../../fixtures/ruleTable'
import { changeBrief } from '../../design/edits/changeFields'
import { putReader } from '../../design/edits/changeNetwork'
import type { Design } from '../../design/design'
import { newReader, type Reader } from '../../design/readers'

const cabin = changeBrief(demoDesign('cabin-archive'), { readers: [] })
const four = withPart(cabin, 'wickmere-four')

const reader = (number: number, way: Reader['way']): Reader => ({
  ...newReader(`reader-${number}`, `Desk ${number}`),
  way,
  bitsPerSecond: 1e9,
})
/** Four joined ports, four desks over the switch, and two machines over Wi-Fi: nine cables. */
const full = (ports: number | null): Design =>
  [1, 2, 3, 4]
    .map((number) => reader(number, 'switch'))
    .concat([5, 6].map((number) => reader(number, 'Wi-Fi')))
    .reduce(
      putReader,
      withPart(four, 'wickmere-dock-8', {
        ports: ports === null ? null : [{ plug: 'RJ45', bitsPerSecond: 1e9, count: ports }],
      }),
    )

const cases: RuleCase[] = [
  {
    code: 'switch-ports-short',
    severity: 'blocks',
    words: '9 cables go to a switch, and the switch of the design has 8 ports.',
    bad: full(8),
    good: full(9),
    unknown: full(null),
    // Ports that nobody gives take no cable.
    readAs: ['nic.bitsPerSecond', 'board.networkPorts', 'board.slots', 'nic.ports'],
  },
  {
    code: 'switch-cannot-join',
    severity: 'risks',
    words: 'does not join ports, and 4 ports of the machine are to act as one',
    bad: withPart(four, 'wickmere-dock-8', { joinsPorts: false }),
    good: withPart(cabin, 'wickmere-dock-8', { joinsPorts: false }),
    unknown: withPart(four, 'wickmere-dock-8', { joinsPorts: null }),
    readAs: ['nic.bitsPerSecond', 'board.networkPorts', 'board.slots', 'nic.ports'],
  },
]

testRules(cases)
