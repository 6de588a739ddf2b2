import { newDesign } from '../../design/newDesign'
import { changeHouseRules } from '../../design/edits/changeFields'
import { applyEdit } from '../../design/edits/edit'
import { changedPart, demoDesign, demoPart } from '../../../fixtures/demo'
import { driveIdsOf, findingOf, type RuleCase, testRules } from '../../../fixtures/ruleTable'
import type { Design } from '../../design/design'
import { driveBytes } from '../../design/driveBytes'
import { fitPart } from '../../design/edits/fitPart'
import { groupDrives } from '../../design/edits/groupDrives'
import { layOut } from '../../design/edits/layOut'
import { moveDrive } from '../../design/edits/moveDrive'
import { putDrivesInBays } from '../../design/edits/putDrivesInBays'
import { sendBack } from '../../design/edits/sendBack'
import { removeParts } from '../../design/edits/removeParts'
import { ungroupDrives } from '../../design/edits/ungroupDrives'
import { letteredGroups } from '../../design/groupLetters'
import { familyOf } from '../../pool/families'
import type { FamilyName } from '../../design/pools/pools'

const cabin = demoDesign('cabin-archive')
const rebuilding = (design: Design, partIds: string[]): Design =>
  applyEdit(design, { do: 'note-pieces', partIds, change: { rebuilding: true } })
const shelf = demoDesign('warm-room-shelf')
const drawer = demoDesign('drawer-of-drives')

const ids = driveIdsOf(shelf)
/** The same four drives as two ZFS mirrors. */
const pairs = groupDrives(shelf, [
  { kind: 'mirror', driveIds: ids.slice(0, 2) },
  { kind: 'mirror', driveIds: ids.slice(2) },
])
/** A pair in an enclosure on USB. */
const annex = putDrivesInBays(
  fitPart(shelf, demoPart('pellworth-annex-4')),
  demoPart('quillon-keep-12'),
  ['enclosure-1/1', 'enclosure-1/2'],
)
const onUsb = groupDrives(annex, [{ kind: 'mirror', driveIds: driveIdsOf(annex).slice(4) }], null)
/** Another layout of the same drives, by its family and id. */
function laidOut(family: FamilyName, id: string, design = shelf): Design {
  const drives = driveIdsOf(design).map((driveId) => ({
    id: driveId,
    capacityBytes: driveBytes(design).get(driveId) ?? 0,
  }))
  const layout = familyOf({ family })
    .layouts(drives)
    .find((one) => one.id === id)
  if (!layout?.pool) throw new Error(layout?.reason ?? `no layout ${id}`)
  return layOut(design, layout.pool)
}

const shingled = putDrivesInBays(shelf, demoPart('quillon-overlap-8'), baysFilled())
/** One group of double parity over so many drives. */
function wide(members: number): Design {
  const bays = Array.from({ length: members }, (_, at) => `chassis-1/${at + 1}`)
  const filled = putDrivesInBays(
    newDesign('wide', [demoPart('pellworth-drystone-4u24')]),
    demoPart('marrowby-hush-4'),
    bays,
  )
  return groupDrives(filled, [{ kind: 'raidz2', driveIds: driveIdsOf(filled) }])
}
/** A mirror and single parity in one pool: as strong, and of different kinds. */
const mixed = groupDrives(cabin, [
  { kind: 'mirror', driveIds: driveIdsOf(cabin).slice(0, 2) },
  { kind: 'raidz1', driveIds: driveIdsOf(cabin).slice(2) },
])

const cases: RuleCase[] = [
  {
    code: 'shingled-drives',
    severity: 'risks',
    words: '4 drives of group A are shingled (Quillon Overlap 8)',
    bad: shingled,
    good: shelf,
    unknown: putDrivesInBays(
      shelf,
      changedPart('marrowby-hush-8', { recording: null }),
      baysFilled(),
    ),
  },
  {
    code: 'ashift-too-small',
    severity: 'risks',
    words: 'has ashift 9, blocks of 512 bytes, on drives with sectors of 4,096',
    bad: applyEdit(cabin, { do: 'change-pool', poolId: 'pool-1', change: { ashift: 9 } }),
    good: cabin,
    unknown: putDrivesInBays(
      applyEdit(cabin, { do: 'change-pool', poolId: 'pool-1', change: { ashift: 9 } }),
      changedPart('quillon-keep-12', { physicalSectorBytes: null }),
      driveIdsOf(cabin).flatMap((id) => cabin.fitted.find((part) => part.id === id)?.bay ?? []),
    ),
  },
  {
    code: 'very-wide-group',
    severity: 'note',
    words: 'Group A has 13 members: a rebuild reads all of them',
    bad: wide(13),
    good: wide(12),
    unknown: null,
  },
  {
    code: 'nothing-usable',
    severity: 'blocks',
    words: 'Nothing of pool nights is left for files: it is to be filled to 20 %',
    bad: changeHouseRules(shelf, { fillCeiling: 0.2, snapshotReserve: 0.2 }),
    good: changeHouseRules(shelf, { fillCeiling: 0.3, snapshotReserve: 0.2 }),
    unknown: null,
  },
  {
    code: 'unequal-redundancy',
    severity: 'note',
    words: 'mixes mirrors and parity in groups A and B: each survives any 1 failure',
    bad: mixed,
    good: pairs,
    unknown: null,
  },
  {
    code: 'member-sent-back',
    severity: 'risks',
    words: 'Pool plates: 1 member is sent back, and the pool still survives any 1 failure.',
    bad: sendBack(cabin, ['drive-1']),
    good: cabin,
    unknown: null,
  },
  {
    code: 'pool-rebuilding',
    severity: 'risks',
    words:
      'Pool plates is being rebuilt onto 1 drive, and until that is done it still survives any 1 failure. A full one takes',
    bad: rebuilding(cabin, ['drive-1']),
    good: rebuilding(sendBack(cabin, ['drive-1']), ['drive-1']),
    unknown: null,
  },
  {
    code: 'no-parity-drive',
    severity: 'risks',
    words: 'has no parity drive at the moment',
    bad: sendBack(drawer, ['drive-1']),
    good: sendBack(drawer, ['drive-2']),
    unknown: null,
  },
  {
    code: 'usb-under-pool',
    severity: 'risks',
    words: 'on USB: a bridge that resets looks like failed drives',
    bad: onUsb,
    good: pairs,
    unknown: null,
  },
  {
    code: 'no-pool',
    severity: 'blocks',
    words: 'in no group yet',
    bad: ungroupDrives(shelf, driveIdsOf(shelf)),
    good: shelf,
    unknown: null,
  },
  {
    code: 'no-pool',
    severity: 'blocks',
    words: 'No drive is fitted',
    bad: removeParts(shelf, driveIdsOf(shelf)),
    good: shelf,
    unknown: null,
  },
  {
    code: 'pool-cannot-be-made',
    severity: 'blocks',
    words: 'Group A cannot be made: a raidz2 needs at least 3 members, not 2.',
    bad: removeParts(cabin, driveIdsOf(cabin).slice(0, 4)),
    good: cabin,
    unknown: null,
  },
  {
    code: 'member-on-the-bench',
    severity: 'blocks',
    words: '1 member of a group is taken out; 1 bay is free.',
    bad: moveDrive(shelf, 'drive-1', null),
    good: shelf,
    unknown: null,
  },
  {
    code: 'drive-does-not-fit-bay',
    severity: 'blocks',
    words: 'The 3.5" drive in bay 1, row 1 of 4 does not fit',
    bad: fitPart(shelf, smallBays('2.5')),
    good: fitPart(shelf, smallBays('3.5')),
    unknown: null,
  },
  {
    code: 'no-redundancy',
    severity: 'risks',
    words: 'the first drive that fails loses all of pool nights',
    bad: groupDrives(shelf, [{ kind: 'stripe', driveIds: driveIdsOf(shelf) }]),
    good: shelf,
    unknown: null,
  },
  {
    code: 'single-parity-large-drives',
    severity: 'risks',
    words: 'single parity over drives of 8 TB',
    bad: groupDrives(shelf, [{ kind: 'raidz1', driveIds: driveIdsOf(shelf) }]),
    good: groupDrives(putDrivesInBays(shelf, demoPart('marrowby-hush-6'), baysFilled()), [
      { kind: 'raidz1', driveIds: driveIdsOf(shelf) },
    ]),
    unknown: null,
  },
  {
    code: 'unequal-redundancy',
    severity: 'note',
    words:
      'Pool plates survives any 1 failure, because group A tolerates no more, though another group tolerates 2.',
    bad: groupDrives(cabin, [
      { kind: 'raidz1', driveIds: letteredGroups(cabin)[0]?.group.driveIds ?? [] },
    ]),
    good: cabin,
    unknown: null,
  },
  {
    code: 'mixed-sizes',
    severity: 'note',
    words: 'Group A: 4 TB unused, because every drive counts as the smallest.',
    bad: putDrivesInBays(pairs, demoPart('marrowby-hush-4'), ['chassis-1/1']),
    good: shelf,
    unknown: null,
  },
  {
    code: 'drives-in-no-group',
    severity: 'note',
    words: '2 drives are in a bay but in no group: 6.8 W for nothing.',
    bad: ungroupDrives(shelf, ['drive-3', 'drive-4']),
    good: shelf,
    unknown: null,
  },
  {
    code: 'mixed-sizes',
    severity: 'note',
    words: '4 TB unused, because no other drive has room for the other copy',
    bad: putDrivesInBays(
      putDrivesInBays(shelf, demoPart('quillon-keep-24'), ['chassis-1/1']),
      demoPart('marrowby-hush-4'),
      ['chassis-1/2'],
    ),
    good: shelf,
    unknown: null,
  },
  {
    code: 'no-redundancy',
    severity: 'risks',
    words: 'the first drive that fails loses all of pool nights',
    bad: laidOut('flexible-chunks', 'single'),
    good: shelf,
    unknown: null,
  },
  {
    code: 'single-parity-large-drives',
    severity: 'risks',
    words:
      // 8 TB at three quarters of 205 MB/s are 14.5 hours.
      'Groups A and B have single parity over drives of 8 TB: during the rebuild of about 14 hours, longer while it is used, a second failure loses the files of both drives.',
    bad: laidOut('dedicated-parity', 'dedicated-parity-1'),
    good: laidOut('dedicated-parity', 'dedicated-parity-2'),
    unknown: null,
  },
  {
    code: 'write-hole',
    severity: 'note',
    words:
      'a power cut between data and parity leaves a stripe that does not add up, and a later rebuild makes wrong data of it. What helps: a journal',
    bad: laidOut('fixed-stripes', 'raid6'),
    good: laidOut('fixed-stripes', 'raid10'),
    unknown: null,
  },
  {
    code: 'write-hole',
    severity: 'note',
    // The brief adds a TiB a year: 1,024 GiB over 8,766 hours, times 24.
    words: 'At the brief’s growth that is about 2.8 GiB.',
    bad: laidOut('scheduled-parity', 'scheduled-parity-1'),
    good: shelf,
    unknown: null,
  },
  {
    code: 'experimental-layout',
    severity: 'risks',
    words: 'is experimental: not for data you care about',
    bad: laidOut('flexible-chunks', 'single-parity'),
    good: shelf,
    unknown: null,
  },
  {
    code: 'cluster-size',
    severity: 'note',
    // Common practice, no source: three columns less one, times 64 KiB.
    words: 'Format pool nights with clusters of 128 KiB, one whole row of data',
    bad: laidOut('columns', 'columns-3-1'),
    good: shelf,
    unknown: null,
  },
  {
    code: 'cluster-size',
    severity: 'note',
    // Clusters are powers of two, so nothing fills three times 64 KiB.
    words: 'has rows of 192 KiB, and no cluster size fills them',
    bad: laidOut('columns', 'columns-4-1'),
    good: applyEdit(laidOut('columns', 'columns-4-1'), {
      do: 'change-pool',
      poolId: 'pool-1',
      change: { parity: 0 },
    }),
    unknown: null,
  },
  {
    code: 'spare-too-small',
    severity: 'risks',
    words: 'A spare of group B has 4 TB; it cannot take the place of a member of 8 TB.',
    bad: withSpare(putDrivesInBays(shelf, demoPart('marrowby-hush-4'), ['chassis-1/4'])),
    good: withSpare(shelf),
    unknown: null,
  },
]

/** Three drives as raidz1, the one in the last bay as their hot spare. */
function withSpare(design: Design): Design {
  const inBay = design.fitted.find(({ bay }) => bay === 'chassis-1/4')?.id ?? ''
  const members = driveIdsOf(design).filter((id) => id !== inBay)
  return groupDrives(design, [
    { kind: 'raidz1', driveIds: members },
    { kind: 'spare', driveIds: [inBay] },
  ])
}

function baysFilled(): string[] {
  return shelf.fitted.flatMap(({ bay }) => (bay ? [bay] : []))
}

function smallBays(formFactor: '2.5' | '3.5') {
  const block = { rows: 4, columns: 1, leftMm: 10, topMm: 10, bayWidthMm: 102, bayHeightMm: 26 }
  return changedPart('ashgrove-hearth-4', {
    bayBlocks: [{ ...block, gapMm: 2, formFactor, access: 'hot-swap', backplane: null }],
  })
}

testRules(cases)

test('drives in no group whose watts nobody knows are not said to draw none', () => {
  const withoutValue = changedPart('marrowby-hush-8', { idleWatts: null })
  const bays = shelf.fitted.filter(({ id }) => id === 'drive-4').flatMap(({ bay }) => bay ?? [])
  const design = ungroupDrives(
    putDrivesInBays(shelf, withoutValue, bays),
    driveIdsOf(shelf).slice(2),
  )
  const { sentence } = findingOf(design, 'drives-in-no-group') ?? {}
  expect(sentence).toContain('what they draw is not known')
})
