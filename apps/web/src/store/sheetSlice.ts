import type { DesignConflict, DesignRight, StoredDesign } from '@flint/contract'
import {
  type Design,
  type History,
  record,
  redo,
  sameValue,
  startHistory,
  undo,
} from '@flint/core/editing'
import { createSlice, original, type PayloadAction } from '@reduxjs/toolkit'

/** Work that the server does not have yet, kept in this browser. */
export interface KeptCopy {
  document: Design
  /** The revision it was made from. */
  baseRevision: number
  /** Ids of saves that were sent of it and never answered. */
  unanswered?: string[]
}

/** Whether this browser keeps the newest state: on its disk, on the way there, or refused. */
export type Kept = 'kept' | 'being kept' | 'refused'

/** Where the newest state of the design is. */
export type SaveState =
  | { kind: 'saved' }
  | { kind: 'saving' }
  /** Not on the server; `reason` says why, `here` whether this browser keeps it by now. */
  | { kind: 'unsaved'; reason: string; here: Kept }
  | { kind: 'conflict'; conflict: DesignConflict }
  /** Never on the server: whoever works on it may only look at it. */
  | { kind: 'looking' }

export interface OpenSheet {
  designId: string
  history: History
  /** The revision that the present document was made from. */
  baseRevision: number
  /** The document of that revision; the present one is saved when it is this very one. */
  baseDocument: Design
  /** What changes are counted from in the ledger. */
  checkpoint: Design
  save: SaveState
  selectedBays: string[]
  /** Drives taken out in thought, to see what is survived; never part of the document. */
  pulledDrives: string[]
  /** What the design would become by the choice under the pointer or the keyboard focus. */
  preview: Design | null
  /** The finding chosen in the tray, whose parts are highlighted on the drawing. */
  pointedFinding: { code: string; partIds: string[] } | null
  /** Work on it that this browser keeps and that cannot be read, as by an older Flint Shelf. */
  unreadCopies: unknown[]
  /** Saves of it that an earlier page sent and never had an answer to. */
  unanswered: string[]
}

/** A design that was left, with the way it came. */
export interface LeftSheet {
  designId: string
  history: History
  checkpoint: Design
}

interface SheetState {
  open: OpenSheet | null
  /** The way that designs came which were left, the last one last, so that what was done can still be undone. */
  left: LeftSheet[]
}

/** Designs whose way is kept in mind. */
const MOST_LEFT = 8

const initialState: SheetState = { open: null, left: [] }

export const sheetSlice = createSlice({
  name: 'sheet',
  initialState,
  reducers: {
    opened(
      state,
      {
        payload,
      }: PayloadAction<{
        stored: StoredDesign
        kept: KeptCopy | null
        unreadCopies?: unknown[]
        right?: DesignRight
        /** The way that it came before the page was loaded anew. */
        wayBefore?: LeftSheet | null
      }>,
    ) {
      const { stored, kept, unreadCopies = [], right = 'own', wayBefore = null } = payload
      const { left } = original(state)
      const leftBefore = left.find(({ designId }) => designId === stored.id) ?? wayBefore
      // Whatever came from elsewhere meanwhile is another way, on which nothing of this one can be undone.
      const isSame = leftBefore !== null && sameValue(leftBefore.history.present, stored.document)
      const history = isSame ? leftBefore.history : startHistory(stored.document)
      const saved: SaveState = right === 'look' ? { kind: 'looking' } : { kind: 'saved' }
      const save: SaveState = kept
        ? { kind: 'unsaved', reason: 'Work kept in this browser is being saved.', here: 'kept' }
        : saved
      state.open = {
        designId: stored.id,
        history: kept ? record(history, 'take up the work kept here', kept.document) : history,
        baseRevision: kept?.baseRevision ?? stored.revision,
        baseDocument: history.present,
        // What the window kept was read again, so a checkpoint at the present document is another object that says the same.
        checkpoint:
          isSame && !sameValue(leftBefore.checkpoint, history.present)
            ? leftBefore.checkpoint
            : history.present,
        save,
        selectedBays: [],
        pulledDrives: [],
        preview: null,
        pointedFinding: null,
        unreadCopies,
        unanswered: kept?.unanswered ?? [],
      }
    },
    closed(state) {
      const open = state.open && original(state.open)
      if (open && open.save.kind !== 'looking' && open.save.kind !== 'conflict') {
        const { designId, history, checkpoint } = open
        const others = original(state).left.filter((one) => one.designId !== designId)
        state.left = [...others, { designId, history, checkpoint }].slice(-MOST_LEFT)
      }
      state.open = null
    },
    edited(
      state,
      { payload }: PayloadAction<{ label: string; design: Design; coalesce?: boolean }>,
    ) {
      changeHistory(state, (history) =>
        record(history, payload.label, payload.design, payload.coalesce),
      )
    },
    undone(state) {
      changeHistory(state, undo)
    },
    redone(state) {
      changeHistory(state, redo)
    },
    checkpointSet(state) {
      const open = state.open && original(state.open)
      if (state.open && open) state.open.checkpoint = open.history.present
    },
    /** Counts changes from another version of the design. */
    comparedWith(state, { payload: version }: PayloadAction<Design>) {
      if (state.open) state.open.checkpoint = version
    },
    baysSelected(state, { payload }: PayloadAction<string[]>) {
      if (state.open) state.open.selectedBays = payload
    },
    /** Pulls these drives, or puts them back when all of them are out already. */
    drivesPulled(state, { payload }: PayloadAction<string[]>) {
      const { open } = state
      if (!open || payload.length === 0) return
      const out = new Set(open.pulledDrives)
      const back = payload.every((id) => out.has(id))
      for (const id of payload) {
        if (back) out.delete(id)
        else out.add(id)
      }
      open.pulledDrives = [...out]
    },
    drivesPutBack(state) {
      if (state.open) state.open.pulledDrives = []
    },
    previewed(state, { payload }: PayloadAction<Design | null>) {
      if (state.open) state.open.preview = payload
    },
    findingPointed(state, { payload }: PayloadAction<OpenSheet['pointedFinding']>) {
      if (state.open) state.open.pointedFinding = payload
    },
    saveStarted(state, { payload: designId }: PayloadAction<string>) {
      // While the server is gone every attempt would make the words flicker.
      const { open } = state
      if (open?.designId === designId && open.save.kind === 'saved') open.save = { kind: 'saving' }
    },
    saveSucceeded(
      state,
      { payload }: PayloadAction<{ designId: string; revision: number; design: Design }>,
    ) {
      const { open } = state
      if (open?.designId !== payload.designId) return
      open.baseRevision = payload.revision
      open.baseDocument = payload.design
      const { present } = original(open).history
      open.save = present === payload.design ? { kind: 'saved' } : { kind: 'saving' }
    },
    saveFailed(
      state,
      { payload }: PayloadAction<{ designId: string; reason: string; here: Kept }>,
    ) {
      const { open } = state
      if (open?.designId !== payload.designId) return
      open.save = { kind: 'unsaved', reason: payload.reason, here: payload.here }
    },
    /** The browser has said what became of a state of the design; nothing is said of a newer one. */
    copyKept(
      state,
      { payload }: PayloadAction<{ designId: string; design: Design; isKept: boolean }>,
    ) {
      const { open } = state
      if (open?.designId !== payload.designId || open.save.kind !== 'unsaved') return
      if (original(open).history.present !== payload.design) return
      open.save.here = payload.isKept ? 'kept' : 'refused'
    },
    saveConflicted(
      state,
      { payload }: PayloadAction<{ designId: string; conflict: DesignConflict }>,
    ) {
      const { open } = state
      if (open?.designId !== payload.designId) return
      open.save = { kind: 'conflict', conflict: payload.conflict }
    },
    unreadForgotten(state) {
      if (state.open) state.open.unreadCopies = []
    },
    /** Goes on from the stored version; the own one stays one undo away. */
    theirsTaken(state) {
      const { open } = state
      if (open?.save.kind !== 'conflict') return
      const { stored } = open.save.conflict
      changeHistory(state, (history) => record(history, 'take the other version', stored.document))
      open.baseRevision = stored.revision
      open.baseDocument = stored.document
      open.save = { kind: 'saved' }
    },
    /** Goes on from the own version, as the next revision after the stored one. */
    minePutOnTop(state) {
      const { open } = state
      if (open?.save.kind !== 'conflict') return
      const { stored } = open.save.conflict
      open.baseRevision = stored.revision
      open.baseDocument = stored.document
      open.save = { kind: 'saving' }
    },
  },
})

/** Core functions compare documents by identity, so they get the documents themselves, not drafts. */
function changeHistory(state: SheetState, change: (history: History) => History): void {
  const open = state.open && original(state.open)
  if (!state.open || !open) return
  const history = change(open.history)
  state.open.history = history
  state.open.preview = null
  if (history.present === open.history.present) return
  if (open.save.kind === 'conflict' || open.save.kind === 'looking') return
  if (history.present === open.baseDocument) state.open.save = { kind: 'saved' }
  else if (open.save.kind === 'saved') state.open.save = { kind: 'saving' }
  else if (open.save.kind === 'unsaved') state.open.save = { ...open.save, here: 'being kept' }
}

export const {
  opened,
  closed,
  edited,
  undone,
  redone,
  checkpointSet,
  comparedWith,
  baysSelected,
  drivesPulled,
  drivesPutBack,
  previewed,
  findingPointed,
  saveStarted,
  saveSucceeded,
  saveFailed,
  copyKept,
  unreadForgotten,
  saveConflicted,
  theirsTaken,
  minePutOnTop,
} = sheetSlice.actions
