import type { Design } from '../design/design'
import { type Machine, pieceOf, piecesOf } from '../machine/machine'
import type { PieceId } from '../machine/piece'

/** In the order of the work at the bench. */
export const BENCH_STAGES = [
  'before anything',
  'board',
  'power',
  'cards and cables',
  'first start',
  'drives',
  'prove',
  'hand over',
] as const
export type BenchStage = (typeof BENCH_STAGES)[number]

/** What is done, and with which pieces; its words are made of it when it is shown. */
export type BenchTask =
  | { task: 'label drive'; driveId: PieceId; bayName: string | null }
  | { task: 'firmware of card'; pieceId: PieceId; wanted: string | null }
  | { task: 'firmware of drives'; driveIds: PieceId[]; wanted: string }
  | { task: 'firmware of board'; pieceId: PieceId; version: number | null }
  | { task: 'fit CPU'; pieceId: PieceId }
  | { task: 'fit cooler'; pieceId: PieceId }
  | { task: 'fit memory'; modules: number; channels: number | null }
  | { task: 'plug lead'; leadName: string; ends: string[] }
  | { task: 'fit card'; pieceId: PieceId; place: string; number: number; lanes: number }
  | { task: 'plug cable'; from: string; connectors: number[]; to: string[]; leastMm: number | null }
  | { task: 'start without drives'; memoryBytes: number }
  | { task: 'change password' }
  | { task: 'count cards'; cards: number }
  | { task: 'put drive in'; driveId: PieceId; bayName: string }
  | { task: 'count drives'; drives: number; onBoard: number }
  | { task: 'burn in'; drives: number }
  | { task: 'make pool'; name: string }
  | { task: 'pull a drive'; name: string }
  | { task: 'watts and warmth' }
  | { task: 'copy against link' }
  | { task: 'second copy'; where: string }
  | { task: 'shares' }
  | { task: 'write down recovery' }

export interface BenchStep {
  /** What ticks are kept by: the same while the design says the same of it. */
  id: string
  stage: BenchStage
  task: BenchTask
}

/**
 * What is to be done at the bench to build exactly this design, in an order that spares work: firmware and labels first,
 * what the supply hides before it does, one start without drives, the drives last and counted.
 *
 * Common practice, no source, for the order. Steps of what a design does not have are not in it.
 */
export function benchSteps(
  { brief, pools }: Pick<Design, 'brief' | 'pools'>,
  machine: Machine,
): BenchStep[] {
  const steps: BenchStep[] = []
  const add = (stage: BenchStage, of: string, task: BenchTask): void => {
    steps.push({ id: of === '' ? task.task : `${task.task} ${of}`, stage, task })
  }
  const drives = piecesOf(machine, 'drive').filter(({ id }) => !machine.awayIds.includes(id))
  const bayOf = new Map([...machine.driveIn].map(([bay, drive]) => [drive, bay]))
  const bayNameOf = (driveId: PieceId): string | null => {
    const bay = machine.bayById.get(bayOf.get(driveId) ?? '')
    return bay ? `bay ${bay.number}` : null
  }
  const board = pieceOf(machine, 'board')
  const cards = machine.placed.slot

  for (const { id, dataSheet } of piecesOf(machine, 'controller')) {
    const { controllerType, firmwareWanted: wanted } = dataSheet
    if (controllerType !== 'expander' || wanted !== null)
      add('before anything', id, { task: 'firmware of card', pieceId: id, wanted })
  }
  for (const { id, dataSheet } of piecesOf(machine, 'nic')) {
    const { firmwareWanted: wanted } = dataSheet
    // Network cards hide nothing, so theirs is looked at only where somebody says which it should be.
    if (wanted !== null)
      add('before anything', id, { task: 'firmware of card', pieceId: id, wanted })
  }
  if (board) {
    const cpu = pieceOf(machine, 'cpu')?.dataSheet
    const version =
      cpu?.biosNeeds?.find(({ family }) => family === board.dataSheet.biosFamily)?.version ?? null
    add('before anything', board.id, { task: 'firmware of board', pieceId: board.id, version })
  }
  for (const sheet of new Set(drives.map(({ dataSheet }) => dataSheet))) {
    const { maker, model, firmwareWanted: wanted } = sheet
    if (wanted === null) continue
    const driveIds = drives.flatMap(({ id, dataSheet }) => (dataSheet === sheet ? [id] : []))
    add('before anything', `${maker} ${model}`, { task: 'firmware of drives', driveIds, wanted })
  }
  for (const { id } of drives) {
    add('before anything', id, { task: 'label drive', driveId: id, bayName: bayNameOf(id) })
  }
  for (const { id } of piecesOf(machine, 'cpu')) add('board', id, { task: 'fit CPU', pieceId: id })
  for (const { id } of piecesOf(machine, 'cooler')) {
    add('board', id, { task: 'fit cooler', pieceId: id })
  }
  const modules = piecesOf(machine, 'memory')
  if (modules.length > 0) {
    const channels = board?.dataSheet.memoryChannels ?? null
    add('board', '', { task: 'fit memory', modules: modules.length, channels })
  }
  const { power } = machine.wiring
  for (const { lead } of power?.leads ?? []) {
    const ends = (power?.feeds ?? [])
      .filter(({ leadKey }) => leadKey === lead.key)
      .map(({ end }) => end.name)
    if (ends.length > 0) add('power', lead.name, { task: 'plug lead', leadName: lead.name, ends })
  }
  for (const { pieceId, on } of cards) {
    const lanes = machine.placement.placed.find((one) => one.pieceId === pieceId)?.lanes ?? 0
    const place = machine.pieces.get(on.pieceId)?.dataSheet.model ?? ''
    add('cards and cables', pieceId, { task: 'fit card', pieceId, place, number: on.number, lanes })
  }
  for (const { cable, host, need } of machine.cables.lines) {
    const to = cable.ends.map(({ name }) => name)
    add('cards and cables', `${host.name} ${cable.connectors.join(' ')}`, {
      task: 'plug cable',
      from: host.name,
      connectors: [...cable.connectors],
      to,
      leastMm: need.leastMm,
    })
  }
  const memoryBytes = modules.reduce((sum, { dataSheet }) => sum + dataSheet.capacityBytes, 0)
  add('first start', '', { task: 'start without drives', memoryBytes })
  if (cards.length > 0) add('first start', '', { task: 'count cards', cards: cards.length })
  add('first start', '', { task: 'change password' })
  for (const { id } of drives) {
    const bayName = bayNameOf(id)
    if (bayName !== null) add('drives', id, { task: 'put drive in', driveId: id, bayName })
  }
  if (drives.length > 0) {
    const onBoard = new Set(
      machine.wiring.data.ports.flatMap(({ cableId, driveId }) => {
        const cable = machine.wiring.data.cables.find(({ id }) => id === cableId)
        const host = machine.wiring.data.hosts.find(({ id }) => id === cable?.hostId)
        return host?.pieceId === board?.id ? [driveId] : []
      }),
    )
    add('drives', '', { task: 'count drives', drives: drives.length, onBoard: onBoard.size })
    add('prove', '', { task: 'burn in', drives: drives.length })
  }
  for (const { id, name } of pools) {
    add('prove', id, { task: 'make pool', name })
    add('prove', id, { task: 'pull a drive', name })
  }
  add('prove', '', { task: 'watts and warmth' })
  add('prove', '', { task: 'copy against link' })
  add('hand over', '', { task: 'second copy', where: brief.secondCopy })
  add('hand over', '', { task: 'shares' })
  add('hand over', '', { task: 'write down recovery' })
  return steps
}
