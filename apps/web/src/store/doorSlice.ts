import { createSlice } from '@reduxjs/toolkit'
import { signedOut } from '../api/signedOut'

interface DoorState {
  /** Whether the server has refused something because nobody is signed in. */
  isSignedOut: boolean
  /** Whether this page was open to somebody before. */
  wasIn: boolean
}

const initialState: DoorState = { isSignedOut: false, wasIn: false }

/** Whether whoever is at this page is in. */
export const doorSlice = createSlice({
  name: 'door',
  initialState,
  reducers: {
    cameIn: () => ({ isSignedOut: false, wasIn: true }),
    /** Signed out by their own wish: the page is shut. */
    wentOut: () => ({ isSignedOut: false, wasIn: false }),
  },
  extraReducers: (build) =>
    build.addCase(signedOut, (state) => {
      state.isSignedOut = true
    }),
})

export const { cameIn, wentOut } = doorSlice.actions
