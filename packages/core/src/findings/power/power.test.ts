import { demoDesign } from '../../../fixtures/demo'
import { type RuleCase, testRules, without, withPart } from '../../../fixtures/ruleTable'
import type { Design } from '../../design/design'
import { changeBrief } from '../../design/edits/changeFields'
import { applyEdit } from '../../design/edits/edit'

const cabin = demoDesign('cabin-archive')
const shelf = demoDesign('warm-room-shelf')
const watts = (idleWattsLimit: number | null): typeof shelf =>
  changeBrief(shelf, { idleWattsLimit })
const silentBoard = { idleWatts: null }

/** Both plugs of what has two are in battery sockets. */
const plugged = (design: Design): Design =>
  applyEdit(design, {
    do: 'note-pieces',
    partIds: ['supply-1'],
    change: { sockets: ['UPS battery', 'UPS battery'] },
  })

const cases: RuleCase[] = [
  {
    code: 'idle-over-limit',
    severity: 'risks',
    words: 'on average at the wall, over the limit of 20 W.',
    bad: changeBrief(shelf, { idleWattsLimit: 20, idleState: 'mean' }),
    good: changeBrief(shelf, { idleWattsLimit: 60, idleState: 'mean' }),
    unknown: null,
  },
  {
    code: 'ups-too-short',
    severity: 'risks',
    words: 'for about 3.8 minutes; a safe shutdown takes about 5 minutes',
    bad: withPart(shelf, 'stillwater-bridge-300', {
      minutesAtHalfLoad: 0.5,
      minutesAtFullLoad: null,
    }),
    good: withPart(shelf, 'stillwater-bridge-300'),
    unknown: withPart(shelf, 'stillwater-bridge-300', { minutesAtHalfLoad: null }),
  },
  {
    code: 'ups-sockets-short',
    severity: 'blocks',
    words: '2 plugs go into battery sockets of Stillwater Bridge 300, which has 1',
    bad: plugged(withPart(shelf, 'stillwater-bridge-300', { batterySockets: 1 })),
    good: plugged(withPart(shelf, 'stillwater-bridge-300')),
    unknown: plugged(withPart(shelf, 'stillwater-bridge-300', { batterySockets: null })),
  },
  {
    code: 'supply-too-small',
    severity: 'blocks',
    words: 'Emberlin Slim 300 gives 90 W; the machine draws up to 93 W when everything is at work.',
    bad: withPart(shelf, 'emberlin-slim-300', { ratedWatts: 90 }),
    good: withPart(shelf, 'emberlin-slim-300', { ratedWatts: 95 }),
    unknown: withPart(shelf, 'varnholt-low-4', { peakWatts: null }),
    readAs: [],
  },
  {
    code: 'supply-too-small',
    severity: 'blocks',
    words: 'Emberlin Slim 300 gives 20 W; the machine draws 23 W idle already.',
    bad: withPart(shelf, 'emberlin-slim-300', { ratedWatts: 20 }),
    good: shelf,
    unknown: null,
  },
  {
    code: 'wall-not-known',
    severity: 'blocks',
    words: 'No power supply',
    bad: without(shelf, 'supply'),
    good: shelf,
    unknown: null,
  },
  {
    code: 'idle-over-limit',
    severity: 'risks',
    words: '27 W idle at the wall, over the limit of 20 W.',
    bad: watts(20),
    good: watts(null),
    // Without the board's watts the limit looks kept.
    unknown: withPart(watts(34), 'tindrel-plain-itx', silentBoard),
    unknownCode: 'power-not-known',
  },
  {
    code: 'idle-over-limit',
    severity: 'note',
    words: 'keeps the limit of 30 W, but measured it may be up to 35 W',
    bad: watts(30),
    good: watts(40),
    unknown: withPart(watts(34), 'tindrel-plain-itx', silentBoard),
    unknownCode: 'power-not-known',
  },
  {
    code: 'power-not-known',
    severity: 'note',
    words: 'Not known what the machine draws: idle power of Tindrel Plain ITX not given',
    bad: withPart(shelf, 'tindrel-plain-itx', silentBoard),
    good: shelf,
    unknown: null,
  },
  {
    code: 'deep-idle-vetoed',
    severity: 'note',
    words: 'Lockrow Sixteen keeps the CPU out of deep idle: 9 W',
    bad: cabin,
    good: withPart(without(cabin, 'controller'), 'lockrow-sixteen', { permitsDeepIdle: true }),
    unknown: withPart(without(cabin, 'controller'), 'lockrow-sixteen', { permitsDeepIdle: null }),
    unknownCode: 'power-not-known',
  },
  {
    code: 'start-surge-too-high',
    severity: 'blocks',
    words: 'the supply carries 20 A',
    bad: withPart(cabin, 'emberlin-steady-550', { rated12VAmps: 20 }),
    good: cabin,
    unknown: withPart(cabin, 'emberlin-steady-550', { rated12VAmps: null }),
  },
  {
    code: 'five-volt-surge',
    severity: 'blocks',
    words: 'Starting all drives at once takes 10.8 A at 5 V; the supply carries 6 A there.',
    bad: withPart(cabin, 'emberlin-steady-550', { rated5VAmps: 6 }),
    good: cabin,
    unknown: withPart(cabin, 'emberlin-steady-550', { rated5VAmps: null }),
  },
  {
    code: 'enclosure-waits-for-button',
    severity: 'risks',
    words: 'stays off after a power cut until somebody presses its button',
    bad: withPart(cabin, 'pellworth-annex-12', { startsByItself: false }),
    good: withPart(cabin, 'pellworth-annex-12', { startsByItself: true }),
    unknown: withPart(cabin, 'pellworth-annex-12', { startsByItself: null }),
  },
]

testRules(cases)
