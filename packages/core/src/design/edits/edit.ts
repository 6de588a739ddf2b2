import { z } from 'zod'
import { keptPart } from '../../catalogue/keptPart'
import { brief } from '../brief'
import { airChoices } from '../air'
import { benchNotes, burnIn, insteadOfPlanned } from '../bench'
import { type Design, fittedPart, spinUp } from '../design'
import { houseRules } from '../houseRules'
import { addressBlock, PORT_USES } from '../networkChoices'
import { bayId, leadRef, pathChoices, portRef, wiringEnd } from '../pathChoices'
import { documentId as id } from '../pools/poolFields'
import { poolSchema } from '../pools/pools'
import { moneyChoices } from '../money'
import { networkPortRef, reader } from '../readers'
import { service } from '../services'
import { addPieces } from './addPieces'
import { noteBurnIn, noteSerials, tickStep } from './changeBench'
import { changeBrief, changeData, changeHouseRules, notePieces, renameDesign } from './changeFields'
import { ownBlocks, putReader, removeReader, usePort } from './changeNetwork'
import { changeOf } from './changeOf'
import { putService, removeService } from './changeServices'
import { placeData, setScratch } from './changeTenants'
import { changePool } from './changePool'
import { changeSheet } from './changeSheet'
import { fitInstead, fitPlanned, forgetPlanned } from './fitInstead'
import { fitAnother, fitPart } from './fitPart'
import { layOut } from './layOut'
import { moveDrive } from './moveDrive'
import {
  dropLostPins,
  dropPins,
  freePaths,
  keepMembers,
  pinCard,
  pinLead,
  pinM2,
  pinPort,
} from './pinPaths'
import { putDrivesInBays } from './putDrivesInBays'
import { removeParts } from './removeParts'
import { sendBack } from './sendBack'
import { takeSheetFields } from './takeSheetFields'
import { ungroupDrives } from './ungroupDrives'

const ids = z.array(id).max(1_024)
/** Fields of something and what they become; what they may be is known where they are. */
const fields = z.record(z.string().max(60), z.unknown())
const ends = z.array(wiringEnd).max(1_024)
const number = z.int().min(1).max(1_024)

/** Every edit but several at once. Parts are whole, so that an edit means the same wherever it is read. */
const singleEdits = [
  z.strictObject({ do: z.literal('rename'), name: z.string().max(1_000) }),
  z.strictObject({ do: z.literal('write-notes'), notes: z.string().max(10_000) }),
  z.strictObject({ do: z.literal('change-brief'), change: changeOf(brief.shape) }),
  z.strictObject({
    do: z.literal('change-data'),
    kind: brief.shape.data.element.shape.kind,
    change: changeOf(brief.shape.data.element.omit({ kind: true }).shape),
  }),
  z.strictObject({ do: z.literal('change-house-rules'), change: changeOf(houseRules.shape) }),
  z.strictObject({
    do: z.literal('note-pieces'),
    partIds: ids,
    change: changeOf(
      fittedPart.pick({
        owned: true,
        label: true,
        ageYears: true,
        wornShare: true,
        sockets: true,
        returned: true,
        rebuilding: true,
      }).shape,
    ),
  }),
  /** `beside`: next to those of its kind that are there, however many a machine usually has. */
  z.strictObject({ do: z.literal('fit'), part: keptPart, beside: z.boolean().default(false) }),
  /** More pieces of what is in the design already, whether or not the catalogue still has it. */
  z.strictObject({
    do: z.literal('add-pieces'),
    snapshotId: id,
    count: z.int().min(1).max(1_024),
  }),
  z.strictObject({ do: z.literal('remove'), partIds: ids }),
  z.strictObject({
    do: z.literal('put-drives'),
    model: keptPart,
    bays: z.array(bayId).max(1_024),
  }),
  z.strictObject({ do: z.literal('move-drive'), driveId: id, bay: bayId.nullable() }),
  z.strictObject({ do: z.literal('take-out'), driveIds: ids }),
  z.strictObject({ do: z.literal('send-back'), driveIds: ids }),
  z.strictObject({ do: z.literal('ungroup-drives'), driveIds: ids }),
  /** Ids and name of the pool count for nothing; null for a pool of its own, left out for where its drives are. */
  z.strictObject({
    do: z.literal('lay-out'),
    pool: poolSchema,
    poolId: id.nullable().optional(),
  }),
  z.strictObject({ do: z.literal('change-pool'), poolId: id, change: fields }),
  z.strictObject({ do: z.literal('change-sheet'), snapshotId: id, change: fields }),
  z.strictObject({
    do: z.literal('take-sheet-fields'),
    snapshotId: id,
    part: keptPart,
    fields: z.array(z.string().max(60)).max(200),
  }),
  z.strictObject({ do: z.literal('pin-card'), cardId: id, slot: number.nullable() }),
  z.strictObject({ do: z.literal('pin-m2'), deviceId: id, socket: number.nullable() }),
  z.strictObject({
    do: z.literal('pin-port'),
    end: wiringEnd,
    port: portRef.nullable(),
    lanes: number.default(1),
  }),
  z.strictObject({ do: z.literal('pin-lead'), end: wiringEnd, lead: leadRef.nullable() }),
  z.strictObject({ do: z.literal('keep-members'), members: pathChoices.shape.members.unwrap() }),
  /** Lets go of everything fixed, but for whether members stay together. */
  z.strictObject({ do: z.literal('drop-all-pins') }),
  /** Lets go of what cannot be kept; `places`: cards and devices in slots and sockets. */
  z.strictObject({ do: z.literal('drop-pins'), places: z.boolean(), ports: ends, leads: ends }),
  z.strictObject({ do: z.literal('free-paths') }),
  z.strictObject({
    do: z.literal('use-port'),
    port: networkPortRef,
    use: z.enum(PORT_USES).nullable(),
  }),
  z.strictObject({ do: z.literal('own-blocks'), blocks: z.array(addressBlock).max(64) }),
  /** A reader with the id of one that is there takes its place. */
  z.strictObject({ do: z.literal('put-reader'), reader }),
  z.strictObject({ do: z.literal('remove-reader'), readerId: id }),
  /** A service with the id of one that is there takes its place. */
  z.strictObject({ do: z.literal('put-service'), service }),
  z.strictObject({ do: z.literal('remove-service'), serviceId: id }),
  /** Null: wherever there is room. */
  z.strictObject({
    do: z.literal('place-data'),
    kind: brief.shape.data.element.shape.kind,
    poolId: id.nullable(),
  }),
  z.strictObject({ do: z.literal('use-for-scratch'), poolId: id, isScratch: z.boolean() }),
  z.strictObject({ do: z.literal('change-air'), change: changeOf(airChoices.shape) }),
  z.strictObject({ do: z.literal('change-money'), change: changeOf(moneyChoices.shape) }),
  /** Null: all together. */
  z.strictObject({ do: z.literal('start-drives'), spinUp: spinUp.nullable() }),
  /** A step of the checklist is done; with null it is not. */
  z.strictObject({
    do: z.literal('tick-step'),
    step: z.string().min(1).max(200),
    tick: benchNotes.shape.ticks.unwrap().element.omit({ step: true }).nullable(),
  }),
  z.strictObject({
    do: z.literal('note-serials'),
    serials: z.array(z.strictObject({ pieceId: id, serial: z.string().max(64) })).max(1_024),
  }),
  /** How burning in goes, the same for some drives; null: as if it had never begun. */
  z.strictObject({
    do: z.literal('note-burn-in'),
    pieceIds: ids,
    burnIn: burnIn.omit({ pieceId: true }).nullable(),
  }),
  /** Another part than the planned one is in this place, and the design goes on with it. */
  z.strictObject({
    do: z.literal('fit-instead'),
    pieceId: id,
    part: keptPart,
    on: insteadOfPlanned.shape.on,
    note: insteadOfPlanned.shape.note,
  }),
  /** What was planned in the place of a piece is fitted after all. */
  z.strictObject({ do: z.literal('fit-planned'), pieceId: id }),
  /** What was planned there does not matter any more: what is fitted is the plan. */
  z.strictObject({ do: z.literal('forget-planned'), pieceId: id }),
  /** All trials of a search for a fault; an empty list begins a new one. */
  z.strictObject({ do: z.literal('note-trials'), trials: benchNotes.shape.trials.unwrap() }),
] as const

/** One edit as data, so that it can be sent, kept, told before it is made, and made by a script. */
const singleEdit = z.discriminatedUnion('do', singleEdits)
export type SingleEdit = z.infer<typeof singleEdit>

/** One edit, or several that are one step to whoever undoes them. */
export const edit = z.union([
  singleEdit,
  z.strictObject({
    do: z.literal('several'),
    /** What they are together, as a builder would say it. */
    what: z.string().max(200),
    edits: z.array(singleEdit).max(1_024),
  }),
])
export type Edit = z.infer<typeof edit>

/** The design with an edit made; what cannot be done to it changes nothing. */
export function applyEdit(design: Design, change: Edit): Design {
  switch (change.do) {
    case 'several':
      return change.edits.reduce<Design>(applyEdit, design)
    case 'rename':
      return renameDesign(design, change.name)
    case 'write-notes':
      return { ...design, notes: change.notes }
    case 'change-brief':
      return changeBrief(design, change.change)
    case 'change-data':
      return changeData(design, change.kind, change.change)
    case 'change-house-rules':
      return changeHouseRules(design, change.change)
    case 'note-pieces':
      return notePieces(design, change.partIds, change.change)
    case 'fit':
      return change.beside ? fitAnother(design, change.part) : fitPart(design, change.part)
    case 'add-pieces':
      return addPieces(design, change.snapshotId, change.count)
    case 'remove':
      return removeParts(design, change.partIds)
    case 'put-drives':
      return putDrivesInBays(design, change.model, change.bays)
    case 'move-drive':
      return moveDrive(design, change.driveId, change.bay)
    case 'take-out':
      return change.driveIds.reduce((before, one) => moveDrive(before, one, null), design)
    case 'send-back':
      return sendBack(design, change.driveIds)
    case 'ungroup-drives':
      return ungroupDrives(design, change.driveIds)
    case 'lay-out':
      return layOut(design, change.pool, change.poolId)
    case 'change-pool':
      return changePool(design, change.poolId, change.change)
    case 'change-sheet':
      return changeSheet(design, change.snapshotId, change.change)
    case 'take-sheet-fields':
      return takeSheetFields(design, change.snapshotId, change.part, change.fields)
    case 'pin-card':
      return pinCard(design, change.cardId, change.slot)
    case 'pin-m2':
      return pinM2(design, change.deviceId, change.socket)
    case 'pin-port':
      return pinPort(design, change.end, change.port, change.lanes)
    case 'pin-lead':
      return pinLead(design, change.end, change.lead)
    case 'keep-members':
      return keepMembers(design, change.members)
    case 'drop-all-pins':
      return dropPins(design)
    case 'drop-pins':
      return dropLostPins(design, change)
    case 'free-paths':
      return freePaths(design)
    case 'use-port':
      return usePort(design, change.port, change.use)
    case 'own-blocks':
      return ownBlocks(design, change.blocks)
    case 'put-reader':
      return putReader(design, change.reader)
    case 'remove-reader':
      return removeReader(design, change.readerId)
    case 'put-service':
      return putService(design, change.service)
    case 'place-data':
      return placeData(design, change.kind, change.poolId)
    case 'use-for-scratch':
      return setScratch(design, change.poolId, change.isScratch)
    case 'change-air':
      return { ...design, air: { ...design.air, ...change.change } }
    case 'change-money':
      return { ...design, money: { ...design.money, ...change.change } }
    case 'start-drives':
      return { ...design, spinUp: change.spinUp }
    case 'tick-step':
      return tickStep(design, change.step, change.tick)
    case 'note-serials':
      return noteSerials(design, change.serials)
    case 'note-burn-in':
      return noteBurnIn(design, change.pieceIds, change.burnIn)
    case 'fit-instead':
      return fitInstead(design, change.pieceId, change.part, change)
    case 'fit-planned':
      return fitPlanned(design, change.pieceId)
    case 'forget-planned':
      return forgetPlanned(design, change.pieceId)
    case 'note-trials':
      return { ...design, bench: { ...design.bench, trials: change.trials } }
    case 'remove-service':
      return removeService(design, change.serviceId)
  }
}
