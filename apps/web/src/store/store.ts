import { configureStore } from '@reduxjs/toolkit'
import { api } from '../api/api'
import { doorSlice } from './doorSlice'
import { evaluatedSlice, workedOut } from './evaluatedSlice'
import { sheetSlice } from './sheetSlice'

export function makeStore() {
  return configureStore({
    reducer: {
      [api.reducerPath]: api.reducer,
      door: doorSlice.reducer,
      evaluated: evaluatedSlice.reducer,
      sheet: sheetSlice.reducer,
    },
    middleware: (defaults) =>
      // The history shares its documents; walking through all of them and of their figures at every action would
      // cost more than evaluating the design, and they cannot hold anything but JSON.
      defaults({
        serializableCheck: {
          ignoredActions: [workedOut.type],
          ignoredPaths: ['sheet.open.history', 'sheet.open.preview', 'evaluated'],
        },
        immutableCheck: false,
      }).concat(api.middleware),
  })
}

export type Store = ReturnType<typeof makeStore>
export type RootState = ReturnType<Store['getState']>
export type Dispatch = Store['dispatch']
