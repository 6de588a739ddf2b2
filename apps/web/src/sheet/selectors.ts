import {
  cablesOf,
  cardLoads,
  driveBytes,
  evaluate,
  type PileDrive,
  placementsOf,
  pullDrives,
  sharedParts,
  topologyOf,
  wiringOf,
} from '@flint/core'
import { createSelector } from '@reduxjs/toolkit'
import type { RootState } from '../store/store'
import { LOCALE } from '../controls/locale'
import type { OpenSheet } from './sheetSlice'

export const selectOpen = (state: RootState): OpenSheet | null => state.sheet.open

function need<T>(value: T | null | undefined): T {
  if (value === null || value === undefined) throw new Error('No design is open.')
  return value
}

/** The selectors below are for parts of the build sheet, which is only shown with a design open. */
const selectSheet = (state: RootState): OpenSheet => need(state.sheet.open)

export const selectDocument = (state: RootState) => selectSheet(state).history.present
/** What the drawing shows: the choice under the pointer, or the design as it is. */
export const selectShownDocument = (state: RootState) =>
  selectSheet(state).preview ?? selectSheet(state).history.present
export const selectSave = (state: RootState) => selectSheet(state).save
export const selectPointedFinding = (state: RootState) => selectSheet(state).pointedFinding
export const selectSelectedBays = (state: RootState) => selectSheet(state).selectedBays
export const selectUndoLabel = (state: RootState) =>
  selectSheet(state).history.past.at(-1)?.label ?? null
export const selectRedoLabel = (state: RootState) =>
  selectSheet(state).history.future[0]?.label ?? null
export const selectRevision = (state: RootState) => selectSheet(state).baseRevision

export const selectEvaluation = createSelector(selectDocument, (document) =>
  evaluate(document, LOCALE),
)

/** What the ledger would become by the choice under the pointer; null when there is none. */
export const selectPreviewEvaluation = createSelector(
  (state: RootState) => selectSheet(state).preview,
  (preview) => preview && evaluate(preview, LOCALE),
)

/** The ledger at the last checkpoint; null when nothing has changed since. */
export const selectCheckpointEvaluation = createSelector(
  (state: RootState) => selectSheet(state).checkpoint,
  selectDocument,
  (checkpoint, document) => (checkpoint === document ? null : evaluate(checkpoint, LOCALE)),
)

/** The drives that sit in the chosen bays, in bay order. */
export const selectChosenDrives = createSelector(
  selectEvaluation,
  selectSelectedBays,
  ({ bays }, selected) =>
    bays.bays.flatMap(({ bay, drive }) => (drive && selected.includes(bay.id) ? [drive] : [])),
)

/** The drives pulled in thought that are still in the design. */
export const selectPulledDrives = createSelector(
  (state: RootState) => selectSheet(state).pulledDrives,
  selectDocument,
  (pulled, { fitted }) => pulled.filter((id) => fitted.some((part) => part.id === id)),
)

/** What becomes of the pools with those drives out. */
export const selectPulledPools = createSelector(
  selectDocument,
  selectPulledDrives,
  (document, pulled) => pullDrives(document, pulled, driveBytes(document)),
)

/** What takes several drives along when it fails, and what the pools are then. */
export const selectSharedParts = createSelector(
  selectDocument,
  selectEvaluation,
  (document, { bays }) => sharedParts(document, bays),
)

/** The drives that a new layout is for: those in the chosen bays, or all of the design. */
export const selectPile = createSelector(
  selectEvaluation,
  selectChosenDrives,
  ({ bays }, chosen) => {
    const all = [...bays.bays.flatMap(({ drive }) => drive ?? []), ...bays.bench]
    return (chosen.length > 0 ? chosen : all).map(({ part, sheet }): PileDrive => ({
      id: part.id,
      capacityBytes: sheet.capacityBytes,
      outerRateBytesPerSecond: sheet.outerRateBytesPerSecond,
      rpm: sheet.rpm,
    }))
  },
)

/** Every link of the machine and the way of every drive and network port. */
export const selectTopology = createSelector(
  selectDocument,
  selectEvaluation,
  (document, { bays }) => topologyOf(document, bays),
)

/** Each placed card with what hangs on it. */
export const selectCardLoads = createSelector(
  selectDocument,
  selectEvaluation,
  (document, { bays }) => cardLoads(document, bays),
)

/** The best ways to place the cards. */
export const selectPlacements = createSelector(selectDocument, (document) => placementsOf(document))

/** Every cable and lead of the machine. */
export const selectWiring = createSelector(selectDocument, selectEvaluation, (document, { bays }) =>
  wiringOf(document, bays),
)

/** The cables that the wiring wants, and where each comes from. */
export const selectCables = createSelector(selectDocument, selectEvaluation, (document, { bays }) =>
  cablesOf(document, bays),
)
