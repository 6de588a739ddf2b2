import { demoPart } from '../../../fixtures/demo'
import { changedPart, demoDesign } from '../../../fixtures/demo'
import {
  driveIdsOf,
  type RuleCase,
  testRules,
  without,
  withPart,
} from '../../../fixtures/ruleTable'
import type { Design } from '../../design/design'
import { groupDrives } from '../../design/edits/groupDrives'
import type { LeadRef, PortRef, WiringEnd } from '../../design/pathChoices'
import { putDrivesInBays } from '../../design/edits/putDrivesInBays'
import { keepMembers, pinCard, pinLead, pinPort } from '../../design/edits/pinPaths'

const cabin = demoDesign('cabin-archive')
const drawer = demoDesign('drawer-of-drives')
const pairs = groupDrives(
  drawer,
  [0, 2, 4, 6].map((at) => ({
    kind: 'mirror' as const,
    driveIds: driveIdsOf(drawer).slice(at, at + 2),
  })),
)
const bare = without(cabin, 'controller')

const firstPlug: WiringEnd = { backplane: { pieceId: 'chassis-1', block: 1, plug: 1 } }
const portOf = (connector: number): PortRef => {
  return { pieceId: 'controller-1', plug: 'SFF-8643', connector }
}
const leadOf = (plug: LeadRef['plug'], number: number): LeadRef => {
  return { supplyId: 'supply-1', plug, number }
}

/** Two flash drives on SATA ports of the board of these generations. */
const onPorts = (sataGenerations: number[]) =>
  putDrivesInBays(
    withPart(demoDesign('warm-room-shelf'), 'tindrel-plain-itx', { sataGenerations }),
    demoPart('quillon-shard-2'),
    ['chassis-1/1', 'chassis-1/2'],
  )

/** A display card and a controller in two slots that take lanes from each other. */
function displaced(hasGraphics: boolean): Design {
  const sharing = [
    { inUse: 'slot-3', loses: 'slot-1', lanesLeft: 2 },
    { inUse: 'slot-1', loses: 'slot-3', lanesLeft: 1 },
  ]
  const board = withPart(cabin, 'tindrel-middle-m', { sharing })
  return withPart(withPart(board, 'varnholt-mid-8', { hasGraphics }), 'glimmer-plain')
}

const cases: RuleCase[] = [
  {
    code: 'card-throttled',
    severity: 'risks',
    words:
      'slot 1 gives it ×2 of generation 3 because Glimmer Plain in slot 3 takes lanes from it (×16 without), 1,674 MB/s, and what hangs on it can move 3,000 MB/s. Ways out: no display card, since the CPU has graphics; a board with a wider slot for it.',
    bad: displaced(true),
    good: cabin,
    unknown: null,
    readAs: ['controller.pcieGeneration', 'board.slots', 'board.sharing'],
  },
  {
    code: 'card-throttled',
    severity: 'risks',
    words: 'Ways out: a CPU with graphics instead of the display card',
    bad: displaced(false),
    good: cabin,
    unknown: null,
    readAs: ['controller.pcieGeneration', 'board.slots', 'board.sharing'],
  },
  {
    code: 'card-throttled',
    severity: 'risks',
    words: 'Ways out: letting slots be worked out, which gives it a wider one',
    bad: pinCard(pinCard(withPart(cabin, 'wickmere-one'), 'controller-1', 3), 'nic-1', 2),
    good: cabin,
    unknown: null,
    readAs: ['controller.pcieGeneration', 'board.slots'],
  },
  {
    code: 'flash-on-slow-port',
    severity: 'note',
    words: '2 flash drives hang on a port slower than they are: 276 MB/s of 540 MB/s',
    bad: onPorts([2, 2, 2, 2]),
    good: onPorts([3, 3, 3, 3]),
    unknown: null,
    // Without them the ports are taken for the newest, as the field says; and what a drive moves is not known.
    readAs: ['board.sataGenerations', 'drive.outerRateBytesPerSecond'],
  },
  {
    code: 'card-throttled',
    severity: 'risks',
    // Twelve drives of 250 MB/s on four lanes of the first generation, 250 MB/s each less packets.
    words:
      'slot 1 gives it ×4 of generation 1, 800 MB/s, and what hangs on it can move 3,000 MB/s.',
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
  {
    code: 'shared-part-fatal',
    severity: 'note',
    words: 'Each of 6 parts alone stops a pool that survives 2 failed drives: Lockrow Sixteen (12',
    bad: cabin,
    // Nothing to take along: the pool bears no failure anyhow, which is another rule's matter.
    good: groupDrives(cabin, [{ kind: 'stripe', driveIds: driveIdsOf(cabin) }]),
    unknown: null,
  },
  {
    code: 'shared-part-fatal',
    severity: 'risks',
    words: 'parts alone stop',
    bad: keepMembers(pairs, 'together'),
    good: groupDrives(cabin, [{ kind: 'stripe', driveIds: driveIdsOf(cabin) }]),
    unknown: null,
  },
  {
    code: 'pins-not-kept',
    severity: 'risks',
    words: '2 choices of yours cannot be kept and are left out: the slots of cards',
    bad: {
      ...withPart(cabin, 'wickmere-ten'),
      paths: {
        ...cabin.paths,
        cardPins: [
          { cardId: 'controller-1', slot: 1 },
          { cardId: 'nic-1', slot: 1 },
        ],
      },
    },
    good: pinCard(cabin, 'controller-1', 1),
    unknown: null,
  },
  {
    code: 'pins-not-kept',
    severity: 'risks',
    words: 'the port of 1 cable, the lead of 1 plug',
    bad: pinLead(pinPort(cabin, firstPlug, portOf(9)), firstPlug, leadOf('SATA power', 1)),
    good: pinLead(pinPort(cabin, firstPlug, portOf(4)), firstPlug, leadOf('peripheral power', 2)),
    unknown: null,
  },
  {
    code: 'adapter-overloaded',
    severity: 'risks',
    // Four drives of 1.7 to 2 A on one four-pole plug of 5 A.
    words: 'carries up to 6.8 A while its drives start',
    bad: withPart(drawer, 'tetherby-split-4'),
    good: withPart(withPart(drawer, 'tetherby-split-2'), 'tetherby-split-2'),
    unknown: putDrivesInBays(
      withPart(drawer, 'tetherby-split-4'),
      changedPart('marrowby-early-2', { start12VAmps: null }),
      [
        'chassis-1/1',
        'chassis-1/2',
        'chassis-1/3',
        'chassis-1/4',
        'chassis-1/5',
        'chassis-1/6',
        'chassis-1/7',
        'chassis-1/8',
      ],
    ),
  },
]

testRules(cases)
