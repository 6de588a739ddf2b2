import { partKinds } from '../../catalogue/partKinds'
import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { piecesOf } from '../../machine/machine'

/** What every machine needs before it starts, why, and what becomes of one without. */
const WANTED = {
  board: { severity: 'blocks', why: 'nothing can be plugged in anywhere' },
  cpu: { severity: 'blocks', why: 'the board does not start' },
  cooler: { severity: 'blocks', why: 'the CPU shuts down within seconds' },
  memory: { severity: 'blocks', why: 'the board does not start' },
  supply: { severity: 'blocks', why: 'nothing has power' },
  boot: { severity: 'risks', why: 'the system has no device of its own to start from' },
} as const

type WantedKind = keyof typeof WANTED
const isWanted = (choice: string): choice is WantedKind => choice in WANTED

interface Facts {
  kind: WantedKind
}

/** A core part that is not chosen yet. An empty case, or drives that are only compared, are left alone. */
export const partMissing: Rule<'part-missing', Facts> = {
  code: 'part-missing',
  step: 'core',
  find: ({ machine, stillToChoose }) => {
    const isBegun = Object.keys(WANTED)
      .filter(isWanted)
      .some((kind) => piecesOf(machine, kind).length > 0)
    if (!isBegun) return []
    return stillToChoose.flatMap(({ choice, step }) => {
      // Too few coolers for the CPUs that are there is another rule's matter.
      if (!isWanted(choice) || piecesOf(machine, choice).length > 0) return []
      return found(WANTED[choice].severity, {}, { kind: choice }, { step })
    })
  },
  sentence: ({ kind }) => `No ${partKinds[kind].words.one} is chosen: ${WANTED[kind].why}.`,
}
