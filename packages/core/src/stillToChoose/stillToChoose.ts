import { hasSolderedCpu } from '../catalogue/insides'
import { type PartKind, partKinds } from '../catalogue/partKinds'
import { CHOICES_NEEDED, type ChoiceNeeded, type OpenChoice } from '../judging/choiceNeeded'
import type { Given } from '../judging/given'
import { pieceOf, piecesOf } from '../machine/machine'
import { missingCables } from '../machine/wiring/missingCables'

/** What of a design says what it still needs. */
type Needing = Pick<Given, 'pools' | 'machine' | 'missingCables'>

/** How many of it are still needed, and which; none when it is there. */
type Open = Pick<OpenChoice, 'count' | 'which'>

interface Choice {
  /** The kind of part that is chosen; null for what is laid out on the drawing. */
  kind: PartKind | null
  open: (needing: Needing) => Open[]
}

const one = (isOpen: boolean): Open[] => (isOpen ? [{ count: 1, which: null }] : [])
const some = (count: number): Open[] => (count > 0 ? [{ count, which: null }] : [])
const has = ({ machine }: Needing, kind: PartKind): boolean => piecesOf(machine, kind).length > 0

/** One entry for each; what is forgotten here does not compile. */
const choices: Record<ChoiceNeeded, Choice> = {
  chassis: { kind: 'chassis', open: (given) => one(!has(given, 'chassis')) },
  rails: { kind: 'mounting', open: ({ machine }) => one(wantsRails(machine)) },
  trays: { kind: 'mounting', open: ({ machine }) => some(drivesWithoutTrays(machine)) },
  supply: { kind: 'supply', open: (given) => one(!has(given, 'supply')) },
  board: { kind: 'board', open: (given) => one(!has(given, 'board')) },
  cpu: { kind: 'cpu', open: (given) => one(!has(given, 'cpu')) },
  cooler: { kind: 'cooler', open: ({ machine }) => some(cpusWithoutCooler(machine)) },
  memory: { kind: 'memory', open: (given) => one(!has(given, 'memory')) },
  boot: { kind: 'boot', open: (given) => one(!has(given, 'boot') && !hasSpareDrive(given)) },
  drives: { kind: 'drive', open: (given) => one(!has(given, 'drive')) },
  layout: {
    kind: null,
    open: (given) =>
      one(has(given, 'drive') && !given.pools.some(({ groups }) => groups.length > 0)),
  },
  cables: { kind: 'cable', open: ({ missingCables: { kinds } }) => kinds },
  adapters: { kind: 'cable', open: ({ machine }) => some(adaptersToBuy(machine)) },
}

/** The kind of part that an open choice is about; null for what is laid out on the drawing. */
export const kindChosen = (choice: ChoiceNeeded): PartKind | null => choices[choice].kind

/**
 * What does a design still need before it can be built?
 *
 * @returns in the order in which it is chosen; empty for a design that is complete
 */
export function stillToChoose({ pools, machine }: Omit<Needing, 'missingCables'>): OpenChoice[] {
  const needing = { pools, machine, missingCables: missingCables(machine) }
  return CHOICES_NEEDED.flatMap((choice) => openChoices(choice, needing))
}

/** What of one choice is still open. */
export function openChoices(choice: ChoiceNeeded, needing: Needing): OpenChoice[] {
  const { kind, open } = choices[choice]
  const [first] = kind === null ? [] : partKinds[kind].chosenIn
  const where = { step: first?.step ?? ('drives' as const), title: first?.title ?? null }
  return open(needing).map((needed) => ({ choice, ...needed, ...where }))
}

type Machine = Needing['machine']

function wantsRails(machine: Machine): boolean {
  const isRacked = pieceOf(machine, 'place')?.dataSheet.form === 'rack'
  return (
    isRacked &&
    pieceOf(machine, 'chassis')?.dataSheet.rails === 'sold apart' &&
    !piecesOf(machine, 'mounting').some(({ dataSheet }) => dataSheet.holds === 'case')
  )
}

/** Drives in bays of the case itself, when its trays are sold apart; cages bring their own. */
function drivesWithoutTrays(machine: Machine): number {
  const chassis = pieceOf(machine, 'chassis')
  if (chassis?.dataSheet.driveTrays !== 'sold apart') return 0
  const drives = machine.bays.filter(
    ({ id, pieceId }) => pieceId === chassis.id && machine.driveIn.has(id),
  ).length
  const trays = piecesOf(machine, 'mounting').reduce(
    (sum, { dataSheet }) => sum + (dataSheet.holds === 'drives' ? dataSheet.drives : 0),
    0,
  )
  return Math.max(0, drives - trays)
}

/** Each CPU in a socket wants a cooler; a machine without a CPU wants one for the CPU to come. */
function cpusWithoutCooler(machine: Machine): number {
  const board = pieceOf(machine, 'board')?.dataSheet
  if (hasSolderedCpu(board)) return 0
  const seated = Math.min(piecesOf(machine, 'cpu').length, board?.cpuSockets ?? 1)
  return Math.max(0, Math.max(1, seated) - piecesOf(machine, 'cooler').length)
}

/** A drive that is in no pool may be what the system starts from. */
function hasSpareDrive({ machine, pools }: Needing): boolean {
  const pooled = new Set(pools.flatMap(({ groups }) => groups.flatMap(({ driveIds }) => driveIds)))
  const away = new Set(machine.awayIds)
  return piecesOf(machine, 'drive').some(({ id }) => !pooled.has(id) && !away.has(id))
}

function adaptersToBuy({ wiring }: Machine): number {
  return (wiring.power?.leads ?? [])
    .flatMap(({ adapters }) => adapters)
    .filter(({ adapter }) => adapter.partId === null).length
}
