import { newDesign, renameDesign } from '@flint/core/editing'
import {
  baysSelected,
  checkpointSet,
  closed,
  drivesPulled,
  drivesPutBack,
  edited,
  findingPointed,
  opened,
  previewed,
  redone,
  saveFailed,
  saveSucceeded,
  sheetSlice,
  undone,
} from './sheetSlice'

const design = newDesign('Start')
const stored = { id: 'design-1', revision: 4, savedAt: '', document: design }
const { reducer } = sheetSlice
type Action = Parameters<typeof reducer>[1]
const after = (...actions: Action[]) => {
  const { open } = actions.reduce(reducer, reducer(undefined, opened({ stored, kept: null })))
  if (!open) throw new Error('nothing is open')
  return open
}
const renamed = renameDesign(design, 'Loft')
const rename = edited({ label: 'rename', design: renamed })

test('a design opens saved, at its revision, with nothing chosen', () => {
  expect(after()).toMatchObject({
    baseRevision: 4,
    save: { kind: 'saved' },
    selectedBays: [],
    preview: null,
  })
})

test('work kept here is taken up on top of what is stored, one undo away', () => {
  const kept = { document: renamed, baseRevision: 3 }
  const { open } = reducer(undefined, opened({ stored, kept }))
  expect(open?.history.present).toBe(renamed)
  expect(open?.baseRevision).toBe(3)
  expect(open?.save.kind).toBe('unsaved')
  expect(open?.history.past.map(({ before }) => before)).toEqual([design])
})

test('an edit is not saved until it is, and an edit meanwhile is not saved either', () => {
  const saved = saveSucceeded({ designId: 'design-1', revision: 5, design: renamed })
  expect(after(rename).save.kind).toBe('saving')
  expect(after(rename, saved)).toMatchObject({ save: { kind: 'saved' }, baseRevision: 5 })
  const more = edited({ label: 'more', design: renameDesign(design, 'More') })
  expect(after(rename, more, saved).save.kind).toBe('saving')
})

test('an answer for another design changes nothing', () => {
  const other = saveSucceeded({ designId: 'design-2', revision: 9, design: renamed })
  expect(after(rename, other)).toMatchObject({ save: { kind: 'saving' }, baseRevision: 4 })
  const failed = saveFailed({ designId: 'design-2', reason: 'gone', here: 'kept' })
  expect(after(rename, failed).save.kind).toBe('saving')
})

test('undo back to what is stored is saved; redo is not', () => {
  expect(after(rename, undone()).save.kind).toBe('saved')
  expect(after(rename, undone(), redone()).save.kind).toBe('saving')
  expect(after(undone(), redone()).history.present).toBe(design)
})

test('an edit ends the preview, and a checkpoint takes the present', () => {
  expect(after(previewed(renamed), rename).preview).toBeNull()
  expect(after(rename).checkpoint).toBe(design)
  expect(after(rename, checkpointSet()).checkpoint).toBe(renamed)
})

test('what is chosen and pointed at is kept as it is', () => {
  const open = after(baysSelected(['bay-2']), findingPointed({ code: 'no-pool', partIds: ['x'] }))
  expect(open.selectedBays).toEqual(['bay-2'])
  expect(open.pointedFinding?.code).toBe('no-pool')
})

test('without an open design nothing happens', () => {
  const closed = reducer(undefined, { type: 'nothing' })
  for (const action of [rename, undone(), redone(), checkpointSet(), baysSelected(['bay-1'])]) {
    expect(reducer(closed, action)).toEqual({ open: null, left: [] })
  }
})

test('drives are pulled in thought: again puts them back, and nothing is to be saved', () => {
  const pulled = (...actions: Action[]): string[] => after(...actions).pulledDrives
  expect(pulled(drivesPulled(['a', 'b']))).toEqual(['a', 'b'])
  expect(pulled(drivesPulled(['a']), drivesPulled(['a', 'b']))).toEqual(['a', 'b'])
  expect(pulled(drivesPulled(['a', 'b']), drivesPulled(['b']))).toEqual(['a'])
  expect(pulled(drivesPulled(['a']), drivesPulled([]))).toEqual(['a'])
  expect(pulled(drivesPulled(['a', 'b']), drivesPutBack())).toEqual([])
  expect(after(drivesPulled(['a']))).toMatchObject({ save: { kind: 'saved' }, baseRevision: 4 })
})

describe('a design that was left and is opened again', () => {
  const openAgain = (document: typeof design, ...before: Action[]) =>
    [...before, closed(), opened({ stored: { ...stored, document }, kept: null })].reduce(
      reducer,
      reducer(undefined, opened({ stored, kept: null })),
    ).open

  test('what was done can still be undone, also when it comes as another copy', () => {
    const again = openAgain(JSON.parse(JSON.stringify(renamed)) as typeof design, rename)
    expect(again?.history.past.map(({ label }) => label)).toEqual(['rename'])
    expect(again?.save.kind).toBe('saved')
    expect(again?.baseDocument).toBe(again?.history.present)
    // Changes go on being counted from where they were.
    expect(again?.checkpoint.name).toBe('Start')
  })

  test('of a way that the window kept, nothing is counted from a checkpoint at the present document', () => {
    const copy = () => JSON.parse(JSON.stringify(design)) as typeof design
    const way = {
      designId: 'design-1',
      history: { past: [], present: copy(), future: [] },
      checkpoint: copy(),
    }
    const { open } = reducer(undefined, opened({ stored, kept: null, wayBefore: way }))
    expect(open?.history.present).toBe(way.history.present)
    expect(open?.checkpoint).toBe(way.history.present)
    const other = { ...way, checkpoint: renamed }
    const counted = reducer(undefined, opened({ stored, kept: null, wayBefore: other })).open
    expect(counted?.checkpoint).toBe(renamed)
  })

  test('unless something else has been saved meanwhile', () => {
    expect(openAgain(renameDesign(design, 'By another'), rename)?.history.past).toEqual([])
  })
})
