import { demoDesign, demoPart } from '../../../fixtures/demo'
import { findingOf, type RuleCase, testRules, without, withPart } from '../../../fixtures/ruleTable'
import type { Design } from '../../design/design'
import { newDesign } from '../../design/newDesign'
import { notePieces } from '../../design/edits/changeFields'
import { putDrivesInBays } from '../../design/edits/putDrivesInBays'

const cabin = demoDesign('cabin-archive')
const shelf = demoDesign('warm-room-shelf')
const drawer = demoDesign('drawer-of-drives')

const withParts = (design: Design, ...slugs: string[]): Design =>
  slugs.reduce((design, slug) => withPart(design, slug), design)
const plugged = (design: Design, sockets: Design['fitted'][number]['sockets']) =>
  notePieces(
    design,
    design.fitted.filter(({ id }) => id.startsWith('supply-')).map(({ id }) => id),
    { sockets },
  )
const sas = putDrivesInBays(shelf, demoPart('quillon-keep-18-sas'), ['chassis-1/1'])
/** The drawer's eight bare drives on a controller with four-lane plugs. */
const onPlugs = withPart(without(drawer, 'controller'), 'lockrow-kept-8', { cablesIncluded: 0 })
/** The small rack case, whose backplane has two four-lane plugs, straight on the board. */
const backplane = withParts(
  without(drawer, 'controller'),
  'pellworth-short-3u8',
  'tindrel-long-atx',
)
const pair = withPart(cabin, 'emberlin-pair-800')
const brick = withPart(shelf, 'emberlin-brick-120')

const oneUsb = withPart(shelf, 'tindrel-plain-itx', { usbPorts: 1 })
const nvmeInCage = putDrivesInBays(
  withParts(newDesign('nvme'), 'ashgrove-gap-4', 'tindrel-calm-ceb', 'ashgrove-drawer-4n'),
  demoPart('quillon-sliver-4'),
  ['cage-1/1'],
)

/** A board whose first M.2 socket takes a device so long, and a device. */
function withM2(longestMm: number, m2LengthMm: number | null, heatSink: boolean | null = null) {
  const socket = { key: 'M', carries: 'PCIe', silencesSataPorts: 0, longestMm, heatSink }
  const boarded = withPart(shelf, 'tindrel-plain-itx', { m2Sockets: [socket] })
  return withPart(boarded, 'quillon-spark-250m', { m2LengthMm })
}

const cases: RuleCase[] = [
  {
    code: 'ups-too-small',
    severity: 'risks',
    words: 'at work the machine draws',
    bad: withPart(cabin, 'stillwater-bridge-300', { ratedWatts: 150 }),
    good: withPart(cabin, 'stillwater-bridge-300'),
    unknown: withPart(
      withPart(cabin, 'varnholt-mid-8', { peakWatts: null }),
      'stillwater-bridge-300',
    ),
  },
  {
    code: 'ups-wrong-side',
    severity: 'risks',
    words:
      'Stillwater Bridge 300 does not hold the machine up: the plug of Emberlin Steady 550 is not in',
    bad: plugged(withPart(cabin, 'stillwater-bridge-300'), ['wall']),
    good: plugged(withPart(cabin, 'stillwater-bridge-300'), ['UPS battery']),
    unknown: null,
  },
  {
    code: 'ups-wrong-side',
    severity: 'risks',
    words: 'is said to go into a UPS; none is chosen.',
    bad: plugged(cabin, ['UPS battery']),
    good: plugged(cabin, ['wall']),
    unknown: null,
  },
  {
    code: 'too-few-ports',
    severity: 'blocks',
    words: '12 drives want a port each and there are 6: 6 on the board, 0 on 0 controllers',
    bad: without(cabin, 'controller'),
    good: cabin,
    unknown: null,
  },
  {
    code: 'too-few-ports',
    severity: 'blocks',
    // Common practice, no source: four drives and a boot drive need five ports.
    words: '4 drives and 1 boot drive want a port each and there are 4',
    bad: withPart(shelf, 'quillon-spark-120'),
    good: withPart(shelf, 'quillon-spark-250m'),
    unknown: withPart(shelf, 'quillon-spark-120', { attaches: null }),
  },
  {
    code: 'too-few-ports',
    severity: 'blocks',
    words: '4 on the board (2 more are off while an M.2 socket is used)',
    bad: withPart(without(drawer, 'controller'), 'quillon-spark-128b'),
    good: withPart(drawer, 'quillon-spark-128b'),
    unknown: null,
  },
  {
    code: 'm2-silences-sata',
    severity: 'note',
    words: '2 SATA ports are off: 4 of 6 work.',
    bad: withPart(drawer, 'quillon-spark-128b'),
    good: withPart(drawer, 'quillon-spark-250m'),
    unknown: null,
  },
  {
    code: 'm2-no-socket',
    severity: 'blocks',
    words: 'Lockrow Nub 2E needs an M.2 socket of key A or E with PCIe; of 2 sockets',
    bad: withPart(drawer, 'lockrow-nub-2e'),
    good: withPart(shelf, 'lockrow-nub-2e', { biosNeeds: [] }),
    unknown: withPart(withPart(shelf, 'tindrel-found-itx'), 'lockrow-nub-5'),
  },
  {
    code: 'm2-no-socket',
    severity: 'blocks',
    words: 'with SATA; of 2 sockets (key M with PCIe, key E with PCIe) none is left for it',
    bad: withPart(shelf, 'quillon-spark-128b'),
    good: withPart(shelf, 'quillon-spark-250m'),
    unknown: withPart(shelf, 'quillon-spark-250m', { m2Keys: null }),
  },
  {
    code: 'm2-too-long',
    severity: 'blocks',
    words: 'Quillon Spark 250 M is 80 mm long; M.2 socket 1 of the board takes 60 mm.',
    bad: withM2(60, 80),
    good: withM2(80, 80),
    unknown: withM2(60, null),
  },
  {
    code: 'm2-without-heat-sink',
    severity: 'note',
    words: 'sits in M.2 socket 1, which has no heat sink',
    bad: withM2(80, 80, false),
    good: withM2(80, 80, true),
    unknown: null,
  },
  {
    code: 'controller-needs-bios',
    severity: 'risks',
    words: 'sees Lockrow Fast 16 from firmware 14 on and ships with',
    bad: withPart(cabin, 'lockrow-fast-16'),
    good: cabin,
    unknown: withPart(cabin, 'lockrow-two'),
  },
  {
    code: 'controller-needs-bios',
    severity: 'risks',
    words: 'is not known to work with firmware T4: its maker names T5.',
    bad: withPart(shelf, 'lockrow-nub-2e'),
    good: withPart(shelf, 'lockrow-nub-5'),
    unknown: withPart(withPart(shelf, 'tindrel-found-itx'), 'lockrow-nub-5'),
  },
  {
    code: 'sas-on-sata',
    severity: 'blocks',
    words: "1 SAS drive for 0 SAS ports: a SAS drive's plug is bridged",
    bad: sas,
    good: withPart(sas, 'lockrow-eight'),
    unknown: withPart(sas, 'lockrow-eight', { takesSas: null }),
  },
  {
    code: 'drives-on-both',
    severity: 'note',
    words: '6 drives hang off controllers, 2 drives off the board',
    bad: drawer,
    good: cabin,
    unknown: null,
  },
  {
    code: 'fan-out-direction',
    severity: 'blocks',
    words:
      'Gather 87 to backplane is wired board to backplane; here it must be controller to drives',
    bad: withParts(onPlugs, 'tetherby-gather-87', 'tetherby-gather-87'),
    good: withParts(onPlugs, 'tetherby-fan-87', 'tetherby-fan-87'),
    unknown: null,
  },
  {
    code: 'fan-out-direction',
    severity: 'blocks',
    words: 'Fan 87 to drives is wired controller to drives; here it must be board to backplane',
    bad: withParts(backplane, 'tetherby-fan-87', 'tetherby-fan-87'),
    good: withParts(backplane, 'tetherby-gather-87', 'tetherby-gather-87'),
    unknown: null,
  },
  {
    code: 'cables-missing',
    severity: 'risks',
    words:
      '2 cables are in no box and not in the design: 2 × SFF-8087 to 4 SATA, wired controller to drives',
    bad: onPlugs,
    good: withPart(without(drawer, 'controller'), 'lockrow-kept-8'),
    unknown: withPart(without(drawer, 'controller'), 'lockrow-eight', { cablesIncluded: null }),
  },
  {
    code: 'cables-missing',
    severity: 'risks',
    words: '3 cables are in no box and not in the design: 3 × SFF-8643 to SFF-8643',
    bad: without(cabin, 'cable'),
    good: cabin,
    unknown: withPart(without(without(cabin, 'cable'), 'controller'), 'lockrow-sixteen', {
      portPlug: null,
    }),
  },
  {
    code: 'cable-too-short',
    severity: 'risks',
    words: 'is 300 mm long; along the walls of the case it takes about',
    bad: withPart(without(cabin, 'cable'), 'tetherby-straight-43', { lengthMm: 300 }),
    good: cabin,
    unknown: withPart(cabin, 'pellworth-drystone-2u12', { boardAt: null }),
  },
  {
    code: 'no-cable-reaches',
    severity: 'blocks',
    words: 'No cable reaches 1 drive: ports are left (1 on Sixteen',
    bad: putDrivesInBays(withPart(cabin, 'pellworth-annex-12'), demoPart('quillon-keep-12'), [
      'enclosure-1/1',
    ]),
    good: cabin,
    unknown: withPart(without(cabin, 'controller'), 'lockrow-sixteen', { portPlug: null }),
  },
  {
    code: 'angled-plugs',
    severity: 'blocks',
    words: 'behind the drives of Ashgrove Works Stack 8 only straight ones fit',
    bad: withPart(drawer, 'tetherby-turn-50'),
    good: withPart(drawer, 'tetherby-plain-50'),
    unknown: withPart(drawer, 'tetherby-turn-50', { angledFarPlugs: null }),
  },
  {
    code: 'moulded-splitter',
    severity: 'risks',
    words: 'Cast 2, moulded has moulded plugs, which can short inside and catch fire',
    bad: withPart(drawer, 'tetherby-cast-2'),
    good: withPart(drawer, 'tetherby-split-4'),
    unknown: withPart(drawer, 'tetherby-cast-2', { moulded: null }),
  },
  {
    code: 'plug-overloaded',
    severity: 'risks',
    // Four drives at 1.8 A through one SATA power plug rated for 4.5 A.
    words:
      '4 drives behind backplane power plug 1, bays 1 to 4 draw 7.2 A while starting; a SATA power plug is rated for 4.5 A',
    bad: withPart(shelf, 'ashgrove-hearth-4', hearthOn(1)),
    good: shelf,
    unknown: putDrivesInBays(shelf, demoPart('quillon-unlabelled-14'), ['chassis-1/1']),
  },
  {
    code: 'long-daisy-chain',
    severity: 'risks',
    words: '8 drives on SATA lead 1 of Emberlin Brick 450: 8 one behind the other',
    bad: withPart(drawer, 'emberlin-brick-450', { sataPlugs: 8, sataLeads: 1, peripheralPlugs: 0 }),
    good: drawer,
    unknown: withPart(drawer, 'emberlin-brick-450', {
      sataPlugs: 8,
      sataLeads: null,
      peripheralPlugs: 0,
    }),
  },
  {
    code: 'ups-too-small',
    severity: 'blocks',
    words: 'Stillwater Bridge 90 carries 90 W; the machine may draw',
    bad: withPart(cabin, 'stillwater-bridge-90'),
    good: withPart(cabin, 'stillwater-bridge-300'),
    unknown: withPart(cabin, 'stillwater-found'),
  },
  {
    code: 'ups-wrong-side',
    severity: 'risks',
    words: 'is in a socket with surge protection only',
    bad: plugged(withPart(cabin, 'stillwater-bridge-300'), ['UPS surge only']),
    good: plugged(withPart(cabin, 'stillwater-bridge-300'), ['UPS battery']),
    unknown: withPart(cabin, 'stillwater-bridge-300'),
  },
  {
    code: 'pair-in-one-socket',
    severity: 'risks',
    words: 'Both plugs of Emberlin Pair 800 go into the same place (wall)',
    bad: plugged(pair, ['wall', 'wall']),
    good: plugged(pair, ['wall', 'UPS battery']),
    unknown: pair,
  },
  {
    code: 'stays-off-after-outage',
    severity: 'note',
    words: 'stays off after a power cut until somebody presses the button',
    bad: withPart(drawer, 'tindrel-old-m'),
    good: drawer,
    unknown: withPart(shelf, 'tindrel-found-itx'),
  },
  {
    code: 'brick-too-small',
    severity: 'blocks',
    words: 'Emberlin Plug 120 passes on 20 W; the machine draws',
    bad: withPart(shelf, 'emberlin-brick-120', { converterRatedWatts: 20 }),
    good: brick,
    unknown: withPart(shelf, 'emberlin-brick-120', { converterRatedWatts: null }),
  },
  {
    code: 'brick-too-small',
    severity: 'note',
    // Common practice, no source: bricks pay off under about 50 W idle.
    words: 'A brick pays off up to about 50 W idle',
    bad: withPart(cabin, 'emberlin-brick-120'),
    good: brick,
    unknown: null,
  },
  {
    code: 'raid-cache-unprotected',
    severity: 'risks',
    words: 'gathers writes in memory of its own that has no battery',
    bad: withPart(drawer, 'lockrow-kept-8', { writeCache: 'unprotected' }),
    good: withPart(drawer, 'lockrow-kept-8', { writeCache: 'protected' }),
    unknown: withPart(drawer, 'lockrow-kept-8', { writeCache: null }),
    // Without it nobody knows that the card has such memory.
    readAs: ['controller.controllerType'],
  },
  {
    code: 'raid-card-under-pool',
    severity: 'risks',
    words: 'puts its own RAID between the file system and the drives',
    bad: withPart(drawer, 'lockrow-kept-8'),
    good: { ...withPart(drawer, 'lockrow-kept-8'), pools: [] },
    unknown: withPart(drawer, 'lockrow-kept-8', { controllerType: null }),
  },
  {
    code: 'usb-port-missing',
    severity: 'blocks',
    words: 'No USB port of Tindrel Plain ITX is left for 2 devices',
    bad: withParts(oneUsb, 'quillon-stub-32', 'quillon-stub-32'),
    good: oneUsb,
    unknown: null,
  },
  {
    code: 'nvme-not-reached',
    severity: 'blocks',
    words: '1 NVMe drive in bays cannot be attached',
    bad: nvmeInCage,
    good: withPart(nvmeInCage, 'lockrow-swift-4'),
    unknown: withPart(nvmeInCage, 'lockrow-swift-4', { takesNvme: null }),
  },
  {
    code: 'cable-surplus',
    severity: 'note',
    words: 'Nothing needs 1 cable: Tetherby Fan 87 to drives',
    bad: withPart(cabin, 'tetherby-fan-87'),
    good: cabin,
    unknown: null,
  },
  {
    code: 'long-daisy-chain',
    severity: 'risks',
    // Wired four and four over two leads, whatever the third has.
    words: '8 one behind the other',
    bad: withPart(drawer, 'emberlin-brick-450', { sataPlugs: 8, sataLeads: 1, peripheralPlugs: 0 }),
    good: withPart(drawer, 'emberlin-brick-450', { sataLeads: 1, peripheralLeads: 2 }),
    unknown: null,
  },
  {
    code: 'adapter-overloaded',
    severity: 'risks',
    // Two four-pole plugs of two drives each, 7.6 A while starting, through one SATA plug of 4.5 A.
    words:
      'carries up to 7.6 A while its drives start; it hangs on 1 SATA power plug and is made for 4.5 A',
    bad: ['tetherby-branch-2', 'tetherby-branch-2', 'tetherby-branch-2'].reduce(
      (design, slug) => withPart(design, slug),
      withPart(cabin, 'emberlin-steady-550', { sataPlugs: 3, sataLeads: 3, peripheralPlugs: 0 }),
    ),
    good: cabin,
    unknown: null,
  },
  {
    code: 'rail-overloaded',
    severity: 'blocks',
    words:
      'The drives draw up to 22.8 A from the 12 V rail behind their leads; Emberlin Steady 550 gives it 18 A.',
    bad: withPart(cabin, 'emberlin-steady-550', { driveRail12VAmps: 18 }),
    // One rail for all then, which is another rule's matter.
    readAs: ['supply.driveRail12VAmps'],
    good: withPart(cabin, 'emberlin-steady-550', { driveRail12VAmps: 30 }),
    unknown: null,
  },
  {
    code: 'lead-overloaded',
    severity: 'risks',
    // Six drives of 1.9 A on one lead of 18 AWG, and as many on the other.
    words:
      '6 drives on the four-pole lead 1 draw up to 11.4 A at 12 V; its wire is made for about 10 A. 1 other lead carries too much as well.',
    bad: cabin,
    good: drawer,
    unknown: null,
  },
]

testRules(cases)

function hearthOn(powerPlugs: number): Record<string, unknown> {
  const { sheet } = demoPart('ashgrove-hearth-4')
  if (sheet.kind !== 'chassis') throw new Error('not a case')
  return {
    bayBlocks: sheet.bayBlocks.map((block) => ({
      ...block,
      backplane: block.backplane && { ...block.backplane, powerPlugs },
    })),
  }
}

test('a boot drive on SATA is spoken of only while there is no other to start from', () => {
  const short = without(without(cabin, 'controller'), 'boot')
  expect(findingOf(short, 'too-few-ports')?.sentence).toContain(
    'A boot drive on SATA needs one more',
  )
  const booted = withPart(short, 'quillon-spark-250m')
  expect(findingOf(booted, 'too-few-ports')?.sentence).not.toContain('needs one more')
})
