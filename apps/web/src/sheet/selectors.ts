import { type Design, driveBytes } from '@flint/core/editing'
import {
  bayPlan,
  billOfMaterials,
  type CandidateDrive,
  cardLoads,
  editLabel,
  type Evaluation,
  fieldName,
  findingWords,
  isLack,
  limitWords,
  listed,
  type Machine,
  notGivenByPiece,
  otherPlacements,
  pullDrives,
  resolveMachine,
  sharedParts,
  spreadDrives,
  stillToChoose,
  wordsFor,
} from '@flint/core/figures'
import { createSelector } from '@reduxjs/toolkit'
import { copyWithStructuralSharing } from '@reduxjs/toolkit/query'
import type { Evaluated } from '../store/evaluatedSlice'
import type { RootState } from '../store/store'
import { format } from '../controls/locale'
import type { OpenSheet } from '../store/sheetSlice'

const NO_PARTS: readonly string[] = []

export const selectOpen = (state: RootState): OpenSheet | null => state.sheet.open

function need<T>(value: T | null | undefined): T {
  if (value === null || value === undefined) throw new Error('No design is open.')
  return value
}

/** The selectors below are for parts of the build sheet, which is only shown with a design open. */
const selectSheet = (state: RootState): OpenSheet => need(state.sheet.open)

export const selectDesign = (state: RootState) => selectSheet(state).history.present
/** What the drawing shows: the choice under the pointer, or the design as it is. */
export const selectShownDesign = (state: RootState) =>
  selectSheet(state).preview ?? selectSheet(state).history.present
export const selectDesignName = (state: RootState) => selectDesign(state).name
export const selectDesignId = (state: RootState) => selectSheet(state).designId
export const selectUnreadCopies = (state: RootState) => selectSheet(state).unreadCopies
export const selectSave = (state: RootState) => selectSheet(state).save
export const selectPointedFinding = (state: RootState) => selectSheet(state).pointedFinding
/** The parts that the finding which is pointed at is about. */
export const selectPointedPartIds = (state: RootState): readonly string[] =>
  selectPointedFinding(state)?.partIds ?? NO_PARTS
export const selectSelectedBays = (state: RootState) => selectSheet(state).selectedBays
export const selectUndoLabel = (state: RootState) =>
  selectSheet(state).history.past.at(-1)?.label ?? null
export const selectRedoLabel = (state: RootState) =>
  selectSheet(state).history.future[0]?.label ?? null
export const selectRevision = (state: RootState) => selectSheet(state).baseRevision

/** The same selector, whose answers are the very same as before wherever they say the same: so only what changed is drawn. */
function shared<Answer>(select: (state: RootState) => Answer): (state: RootState) => Answer {
  let last: Answer | undefined
  return createSelector(
    select,
    (answer) => (last = copyWithStructuralSharing<Answer>(last, answer)),
  )
}

/** A selector of machines that has the last one at hand, since edits leave most of it alone. */
function machineSelector<D extends Parameters<typeof resolveMachine>[0] | null>(
  select: (state: RootState) => D,
) {
  let last: Machine | undefined
  return createSelector(select, (design): D extends null ? Machine | null : Machine => {
    if (design !== null) last = resolveMachine(design, last)
    // A machine where there is a design, and null where there is none.
    return (design === null ? null : last) as D extends null ? Machine | null : Machine
  })
}

/** The design resolved: which piece sits where, what hangs on what. */
export const selectMachine: (state: RootState) => Machine = machineSelector(selectDesign)

/** What sits in each bay and socket, and what lies outside. */
export const selectBayPlan = createSelector(selectMachine, selectDesign, bayPlan)

/**
 * What is still to be chosen of the present document. It needs no figures, so whoever goes from choice to choice never
 * waits for them.
 */
export const selectStillToChoose = shared(
  createSelector(selectMachine, selectDesign, (machine, { pools }) =>
    stillToChoose({ machine, pools }),
  ),
)

/** The newest figures that are there, of the present document or of one shortly before; null before the first. */
export const selectEvaluated = (state: RootState): Evaluated | null => state.evaluated.present

/** The present document when its figures were given up, and why. */
export const selectGaveUp = ({ evaluated, sheet }: RootState) =>
  evaluated.gaveUp?.design === sheet.open?.history.present ? evaluated.gaveUp : null

/** The document that the figures are of: what is said of figures is said with its names. */
export const selectEvaluatedDesign = (state: RootState): Design =>
  need(selectEvaluated(state)).design
export const selectEvaluation = (state: RootState): Evaluation =>
  need(selectEvaluated(state)).evaluation

/** Whether the figures are still those of a document before the present one. */
export const selectIsBehind = (state: RootState): boolean =>
  selectEvaluated(state)?.design !== selectDesign(state)

/** The names and digits that sentences about the present document are written with. */
export const selectWords = createSelector(selectDesign, (design) => wordsFor(design, format))

/** The names and digits that sentences about the figures are written with. */
export const selectEvaluatedWords = createSelector(selectEvaluatedDesign, (design) =>
  wordsFor(design, format),
)

/** What was found, but for what is only not known, each with its words. */
export const selectFindings = shared(
  createSelector(selectEvaluation, selectEvaluatedWords, ({ findings }, words) =>
    findings
      .filter((finding) => !isLack(finding))
      .map((finding) => ({
        ...finding,
        ...findingWords(finding, words),
        fixLabel: finding.fix && editLabel(finding.fix, words),
      })),
  ),
)
export type ShownFinding = ReturnType<typeof selectFindings>[number]

/** What data sheets and the brief leave open, one entry for each piece. */
export const selectNotGiven = shared(
  createSelector(selectEvaluation, selectEvaluatedWords, ({ findings }, words) =>
    notGivenByPiece(findings).map((one) => ({
      ...one,
      name: one.pieceId === null ? 'The brief' : words.piece(one.pieceId),
      fields: listed(one.missing.map(fieldName)),
    })),
  ),
)

/** The limits of the brief, with their words. */
export const selectLimits = shared(
  createSelector(selectEvaluation, selectEvaluatedWords, ({ limits }, words) =>
    limits.map((limit) => ({ ...limit, ...limitWords(limit, words) })),
  ),
)
export type ShownLimit = ReturnType<typeof selectLimits>[number]

const selectPreview = (state: RootState) => selectSheet(state).preview
const selectPreviewMachine = machineSelector(selectPreview)

/** The machine that the drawing shows. */
export const selectShownMachine = (state: RootState): Machine =>
  selectPreviewMachine(state) ?? selectMachine(state)

/** What the ledger would become by the choice under the pointer; null while there is none. */
export const selectPreviewEvaluation = (state: RootState): Evaluation | null => {
  const { preview } = state.evaluated
  return preview?.design === selectPreview(state) ? preview.evaluation : null
}

/** The ledger at the last checkpoint; null when nothing has changed since. */
export const selectCheckpointEvaluation = (state: RootState): Evaluation | null => {
  const { checkpoint } = state.evaluated
  const counted = selectSheet(state).checkpoint
  return checkpoint?.design === counted && counted !== selectDesign(state)
    ? checkpoint.evaluation
    : null
}

/** The checkpoint of a design that is open or was left in this page; null where there is none, or nothing changed since. */
export const selectCheckpointOf = (
  { sheet: { open, left } }: RootState,
  designId: string | undefined,
): Design | null => {
  const one = open?.designId === designId ? open : left.find((sheet) => sheet.designId === designId)
  return one && one.checkpoint !== one.history.present ? one.checkpoint : null
}

/** The drives that sit in the chosen bays and sockets, in their order. */
export const selectChosenDrives = createSelector(
  selectBayPlan,
  selectSelectedBays,
  (bays, selected) =>
    [...bays.bays.map(({ bay, drive }) => ({ id: bay.id, drive })), ...bays.sockets].flatMap(
      ({ id, drive }) => (drive && selected.includes(id) ? [drive] : []),
    ),
)

/** The drives pulled in thought that are still in the design. */
export const selectPulledDrives = createSelector(
  (state: RootState) => selectSheet(state).pulledDrives,
  selectDesign,
  (pulled, { fitted }) => pulled.filter((id) => fitted.some((part) => part.id === id)),
)

/** What becomes of the pools with those drives out. */
export const selectPulledPools = createSelector(
  selectDesign,
  selectPulledDrives,
  (design, pulled) => pullDrives(design, pulled, driveBytes(design)),
)

/** What takes several drives along when it fails, and what the pools are then. */
export const selectSharedParts = createSelector(selectDesign, selectMachine, sharedParts)

/** The drives that a new layout is for: those in the chosen bays, or all of the design. */
export const selectCandidateDrives = createSelector(
  selectBayPlan,
  selectChosenDrives,
  selectMachine,
  selectDesign,
  (bays, chosen, machine, { services }) => {
    // What has a job of its own is no member of a pool unless somebody chooses it.
    const busy = new Set(services.flatMap(({ parts }) => parts.map(({ pieceId }) => pieceId)))
    const all = [
      ...bays.bays.flatMap(({ drive }) => drive ?? []),
      ...bays.sockets.flatMap(({ drive }) => drive ?? []),
      ...bays.bench,
    ].filter(({ part }) => !busy.has(part.id))
    const drives = (chosen.length > 0 ? chosen : all).map(({ part, sheet }): CandidateDrive => ({
      id: part.id,
      capacityBytes: sheet.capacityBytes,
      outerRateBytesPerSecond: sheet.outerRateBytesPerSecond,
      rpm: sheet.rpm,
    }))
    return spreadDrives(drives, machine)
  },
)

/** Each placed card with what hangs on it. */
export const selectCardLoads = createSelector(selectMachine, cardLoads)

/** How many other ways to place the cards are offered. */
const OTHER_WAYS = 3

/** What it costs, line by line, of the present document: its boxes follow a click at once. */
export const selectBill = createSelector(selectDesign, (design) =>
  billOfMaterials(design.brief.currency, design),
)

/** The next best ways to place the cards. */
export const selectOtherPlacements = createSelector(selectMachine, (machine) =>
  otherPlacements(machine, OTHER_WAYS),
)

/** The cables that the wiring wants, where each comes from, and what the others are good for. */
export const selectCables = createSelector(selectMachine, ({ cables }) => cables)
