import { changedPart, demoDesign, demoPart } from '../../../fixtures/demo'
import { driveIdsOf, findingOf, type RuleCase, testRules } from '../../../fixtures/ruleTable'
import { fitPart } from '../../design/edits/fitPart'
import { groupDrives } from '../../design/edits/groupDrives'
import { moveDrive } from '../../design/edits/moveDrive'
import { putDrivesInBays } from '../../design/edits/putDrivesInBays'
import { removeParts } from '../../design/edits/removeParts'
import { ungroupDrives } from '../../design/edits/ungroupDrives'
import { letteredGroups } from '../../design/groupLetters'

const cabin = demoDesign('cabin-archive')
const shelf = demoDesign('warm-room-shelf')

const cases: RuleCase[] = [
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
    words: '1 member of a group lies on the bench; 1 bay is free.',
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
      'Pool plates survives any 1, because group A bears no more, though another group bears 2.',
    bad: groupDrives(cabin, [
      { kind: 'raidz1', driveIds: letteredGroups(cabin)[0]?.group.driveIds ?? [] },
    ]),
    good: cabin,
    unknown: null,
  },
  {
    code: 'mixed-sizes',
    severity: 'note',
    words: 'Group A counts every drive as 4 TB, its smallest; 4 TB lie idle.',
    bad: putDrivesInBays(shelf, demoPart('marrowby-hush-4'), ['bay-1']),
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
]

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
  const silent = changedPart('marrowby-hush-8', { idleWatts: null })
  const bays = shelf.fitted.filter(({ id }) => id === 'drive-4').flatMap(({ bay }) => bay ?? [])
  const document = ungroupDrives(putDrivesInBays(shelf, silent, bays), driveIdsOf(shelf).slice(2))
  const { sentence } = findingOf(document, 'drives-in-no-group') ?? {}
  expect(sentence).toContain('what they draw is not known')
})
