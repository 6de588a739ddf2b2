import type { PartSheet, SheetOf } from './partKinds'

/**
 * What comes with a part and is paid with it, in the order of its data sheet: all that is in a machine sold whole,
 * and what is soldered to a board.
 *
 * A machine whose board has a CPU soldered on lists the board alone; the board lists the CPU.
 *
 * @returns empty for most parts, and where no data sheet says it
 */
export function insidesOf(sheet: PartSheet): readonly PartSheet[] {
  if (sheet.kind === 'chassis') return sheet.insides ?? []
  return sheet.kind === 'board' ? (sheet.soldered ?? []) : []
}

/** Whether what comes with a part stays on it for ever, as a CPU that is soldered to its board does. */
export const holdsForEver = ({ kind }: Pick<PartSheet, 'kind'>): boolean => kind === 'board'

/** Whether a board has its CPU soldered on, with whatever cools it: then it needs neither. */
export const hasSolderedCpu = (board: Pick<SheetOf<'board'>, 'soldered'> | undefined): boolean =>
  board?.soldered?.some(({ kind }) => kind === 'cpu') ?? false
