import { createAction } from '@reduxjs/toolkit'

/** The server wants whoever asks to sign in first. */
export const signedOut = createAction('api/signedOut')
