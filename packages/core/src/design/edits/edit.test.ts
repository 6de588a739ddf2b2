import { changedPart, demoDesign, demoPart } from '../../../fixtures/demo'
import { editLabel } from '../../judging/editLabel'
import { wordsFor } from '../../judging/words'
import { formatterFor } from '../../units/formatter'
import { parseDesign } from '../parseDesign'
import { applyEdit, edit, type Edit } from './edit'

const cabin = demoDesign('cabin-archive')
const words = wordsFor(cabin, formatterFor('en'))
const [pool] = cabin.pools
if (!pool) throw new Error('no pool')
const four = ['drive-1', 'drive-2', 'drive-3', 'drive-4']

/** Each kind of edit with what it is called. */
const examples: [Edit, string][] = [
  [{ do: 'rename', name: 'Loft' }, 'rename the design'],
  [
    { do: 'use-port', port: { pieceId: 'board-1', number: 1 }, use: 'direct' },
    'say what a network port is for',
  ],
  [{ do: 'own-blocks', blocks: ['192.168.7.0/24'] }, 'say which addresses are in use'],
  [
    {
      do: 'put-reader',
      reader: {
        id: 'reader-1',
        name: 'Desk',
        way: 'switch',
        bitsPerSecond: 2.5e9,
        port: null,
        poolId: null,
        wantsBytesPerSecond: null,
        metres: 12,
      },
    },
    'describe Desk',
  ],
  [{ do: 'remove-reader', readerId: 'reader-1' }, 'remove a reader'],
  [{ do: 'write-notes', notes: 'by the window' }, 'write the notes'],
  [{ do: 'change-brief', change: { idleWattsLimit: 30 } }, 'change the watt limit'],
  [
    { do: 'change-data', kind: 'media', change: { nowBytes: 5e12 } },
    'change what there is today: media',
  ],
  [{ do: 'change-house-rules', change: { fillCeiling: 0.9 } }, 'change the fill ceiling'],
  [
    { do: 'note-pieces', partIds: four, change: { owned: false, label: 'x' } },
    'mark 4 parts as to buy',
  ],
  [
    { do: 'note-pieces', partIds: ['board-1'], change: { ageYears: 3 } },
    'note the age of Tindrel Middle M',
  ],
  [{ do: 'note-pieces', partIds: ['drive-1'], change: { label: 'x' } }, 'write a label'],
  [
    { do: 'note-pieces', partIds: ['supply-1'], change: { sockets: ['wall'] } },
    'say where the mains plug goes',
  ],
  [{ do: 'fit', part: demoPart('wickmere-ten'), beside: false }, 'choose Wickmere Ten'],
  [{ do: 'fit', part: demoPart('emberlin-fine-600'), beside: true }, 'add Emberlin Fine 600'],
  [{ do: 'add-pieces', snapshotId: 'sheet-1', count: 2 }, 'add 2 more pieces'],
  [{ do: 'remove', partIds: ['controller-1'] }, 'remove Lockrow Sixteen'],
  [
    { do: 'put-drives', model: demoPart('quillon-keep-16'), bays: ['chassis-1/3'] },
    'put Quillon Keep 16 in bay 3',
  ],
  [{ do: 'move-drive', driveId: 'drive-1', bay: 'chassis-1/2' }, 'move Quillon Keep 12 to bay 2'],
  [{ do: 'move-drive', driveId: 'drive-1', bay: null }, 'take out Quillon Keep 12, keep it'],
  [{ do: 'take-out', driveIds: four }, 'take out 4 drives, keep them'],
  [{ do: 'send-back', driveIds: ['drive-1'] }, 'send back 1 drive'],
  [{ do: 'ungroup-drives', driveIds: four }, 'ungroup 4 drives'],
  [
    {
      do: 'lay-out',
      pool: {
        family: 'zfs',
        id: 'pool-9',
        name: 'any',
        ashift: 12,
        groups: [{ kind: 'mirror', id: 'group-9', driveIds: four.slice(0, 2) }],
      },
      poolId: null,
    },
    'make mirror of 2 drives',
  ],
  [{ do: 'change-pool', poolId: pool.id, change: { name: 'tank' } }, 'name a pool'],
  [{ do: 'change-pool', poolId: pool.id, change: { ashift: 13 } }, 'set ashift of a pool'],
  [
    { do: 'change-sheet', snapshotId: 'sheet-1', change: { cardMaxLengthMm: 200 } },
    'change card max length',
  ],
  [
    {
      do: 'take-sheet-fields',
      snapshotId: cabin.snapshots.find(({ slug }) => slug === 'lockrow-sixteen')?.id ?? '',
      part: changedPart('lockrow-sixteen', { idleWatts: 5 }),
      fields: ['idleWatts'],
    },
    'take idle power of Lockrow Sixteen',
  ],
  [{ do: 'pin-card', cardId: 'controller-1', slot: 2 }, 'choose the slot of Sixteen'],
  [{ do: 'pin-m2', deviceId: 'boot-1', socket: 1 }, 'choose the M.2 socket of Stub 32'],
  [
    {
      do: 'pin-port',
      end: { bay: 'chassis-1/1' },
      port: { pieceId: 'board-1', plug: 'SATA', connector: 1 },
      lanes: 1,
    },
    'choose the port of a cable',
  ],
  [
    {
      do: 'pin-lead',
      end: { bay: 'chassis-1/1' },
      lead: { supplyId: 'supply-1', plug: 'SATA power', number: 1 },
    },
    'choose the lead of a power plug',
  ],
  [{ do: 'keep-members', members: 'together' }, 'say how members are wired'],
  [
    {
      do: 'several',
      what: 'start over',
      edits: [
        { do: 'rename', name: 'New' },
        { do: 'remove', partIds: ['controller-1'] },
      ],
    },
    'start over',
  ],
]

test.each(examples)('%o', (one, label) => {
  const read = edit.parse(JSON.parse(JSON.stringify(one)))
  expect(read).toEqual(one)
  expect(editLabel(read, words)).toBe(label)
  const after = applyEdit(cabin, read)
  expect(after).not.toEqual(cabin)
  expect(parseDesign(JSON.parse(JSON.stringify(after)))).toEqual({ design: after })
})

test('what was fixed is let go: all of it, or what cannot be kept', () => {
  const pinned = applyEdit(cabin, { do: 'pin-card', cardId: 'controller-1', slot: 2 })
  const kept = applyEdit(pinned, { do: 'keep-members', members: 'together' })
  expect(applyEdit(kept, { do: 'drop-all-pins' }).paths).toMatchObject({
    cardPins: [],
    members: 'together',
  })
  expect(applyEdit(kept, { do: 'free-paths' }).paths).toEqual(cabin.paths)
  const drop = { do: 'drop-pins', places: true, ports: [], leads: [] } as const
  expect(applyEdit(pinned, { ...drop, ports: [], leads: [] }).paths.cardPins).toEqual([])
})

test('a change says only what changes: no default is filled in for the rest', () => {
  const loud = applyEdit(cabin, { do: 'change-brief', change: { noiseLimitDecibels: 40 } })
  const read = edit.parse({ do: 'change-brief', change: { idleWattsLimit: 50 } })
  expect(applyEdit(loud, read).brief).toEqual({ ...loud.brief, idleWattsLimit: 50 })
  const rules = edit.parse({ do: 'change-house-rules', change: { ecc: 'required' } })
  expect(applyEdit(cabin, rules).houseRules).toEqual({ ...cabin.houseRules, ecc: 'required' })
})

test('what is no edit is refused with its field', () => {
  for (const wrong of [
    { do: 'fly' },
    { do: 'rename' },
    { do: 'rename', name: 'x', colour: 1 },
    { do: 'change-brief', change: { idleWattsLimit: -1 } },
    { do: 'move-drive', driveId: 'drive-1', bay: '3' },
  ]) {
    expect(edit.safeParse(wrong).success).toBe(false)
  }
})

test('more pieces of what is there: unlike ids, in no bay, to be bought, and no more than a design may hold', () => {
  const { snapshotId } = cabin.fitted.find(({ id }) => id === 'drive-1') ?? { snapshotId: '' }
  const more = applyEdit(cabin, { do: 'add-pieces', snapshotId, count: 3 })
  const added = more.fitted.slice(cabin.fitted.length)
  expect(added).toHaveLength(3)
  expect(added.every(({ bay, owned }) => bay === null && !owned)).toBe(true)
  expect(new Set(more.fitted.map(({ id }) => id)).size).toBe(more.fitted.length)
  const full = applyEdit(cabin, { do: 'add-pieces', snapshotId, count: 1_024 })
  expect(full.fitted).toHaveLength(1_024)
  expect(applyEdit(full, { do: 'add-pieces', snapshotId, count: 1 })).toBe(full)
  expect(applyEdit(cabin, { do: 'add-pieces', snapshotId: 'sheet-999', count: 1 })).toBe(cabin)
})
