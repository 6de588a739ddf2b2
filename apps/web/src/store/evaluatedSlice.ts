import type { Design } from '@flint/core/editing'
import type { Evaluation } from '@flint/core/figures'
import { createSlice, type Draft, original, type PayloadAction } from '@reduxjs/toolkit'
import { copyWithStructuralSharing } from '@reduxjs/toolkit/query'
import { closed, opened } from './sheetSlice'

/**
 * Which of the documents of a sheet is worked out: what it is now, what changes are counted from, and what it
 * would become by the choice under the pointer.
 */
export const evaluatedRoles = ['present', 'checkpoint', 'preview'] as const
export type EvaluatedRole = (typeof evaluatedRoles)[number]

/** A document with all that was worked out of it; the two always belong together. */
export interface Evaluated {
  design: Design
  evaluation: Evaluation
}

/** Why there are no figures of a document. */
export type GaveUp = 'too long' | 'not started' | 'failed'

type EvaluatedState = Record<EvaluatedRole, Evaluated | null> & {
  /** The present document whose working out was given up. */
  gaveUp: { design: Design; why: GaveUp } | null
  /** A document that is to be worked out however long it takes. */
  waitedFor: Design | null
}

const initialState: EvaluatedState = {
  present: null,
  checkpoint: null,
  preview: null,
  gaveUp: null,
  waitedFor: null,
}

/** The newest figures that have come back, which may be those of a document before the present one. */
export const evaluatedSlice = createSlice({
  name: 'evaluated',
  initialState,
  reducers: {
    workedOut(state, { payload }: PayloadAction<{ role: EvaluatedRole; evaluated: Evaluated }>) {
      const { role, evaluated } = payload
      const before = state[role] && original(state[role])
      // What comes from the thread is all new. What is as it was stays the same object, so that nothing that shows
      // it is drawn anew.
      const evaluation = copyWithStructuralSharing<Evaluation>(
        before?.evaluation,
        evaluated.evaluation,
      )
      state[role] = { design: evaluated.design, evaluation } as Draft<Evaluated>
      if (payload.role === 'present') state.gaveUp = null
    },
    waitBegun(state, { payload: design }: PayloadAction<Design>) {
      state.gaveUp = null
      state.waitedFor = design
    },
    givenUp(state, { payload }: PayloadAction<{ design: Design; why: GaveUp }>) {
      state.gaveUp = payload
    },
  },
  extraReducers: (build) =>
    build.addCase(opened, () => initialState).addCase(closed, () => initialState),
})

export const { workedOut, givenUp, waitBegun } = evaluatedSlice.actions
