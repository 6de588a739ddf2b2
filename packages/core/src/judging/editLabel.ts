import { fieldWords } from '../catalogue/sheetColumns'
import type { AirChoices } from '../design/air'
import type { Brief, DataOfKind } from '../design/brief'
import type { Edit, SingleEdit } from '../design/edits/edit'
import type { HouseRules } from '../design/houseRules'
import type { MoneyChoices } from '../design/money'
import { familyOf } from '../pool/families'
import { sheetName } from '../catalogue/sheetName'
import { listed, type Words } from './words'

type EditOf<Name extends Edit['do']> = Extract<Edit, { do: Name }>

const BRIEF_FIELDS: Record<keyof Brief, string> = {
  data: 'the data',
  dataUnit: 'the unit of sizes',
  horizonYears: 'how long it must last',
  readersAtOnce: 'the readers',
  readerBytesPerSecond: 'the rate of a reader',
  readers: 'the readers',
  currency: 'the currency',
  pricePerKilowattHourMinor: 'the price of power',
  priceBands: 'the hours of power',
  mainsVolts: 'the mains',
  idleWattsLimit: 'the watt limit',
  idleState: 'what the watt limit is about',
  day: 'the day of the machine',
  costLimitMinor: 'the budget',
  costLimitBy: 'the day of the budget',
  costLimitCurrency: 'the currency of the budget',
  laterMinorPerYear: 'the money of later years',
  failuresWanted: 'the failures to survive',
  outageHoursTolerated: 'the longest outage',
  lossHoursTolerated: 'the most work lost',
  plugRoomMm: 'the room for plugs',
  roomCelsius: 'the room temperature',
  guestMemoryBytes: 'the memory of guests',
  noiseLimitDecibels: 'the noise limit',
  freeBaysWanted: 'the bays to stay free',
  freeSlotsWanted: 'the slots to stay free',
  secondCopy: 'where the second copy is',
  secondCopyEveryHours: 'how often the second copy is made',
}

const RULE_FIELDS: Record<keyof HouseRules, string> = {
  fillCeiling: 'the fill ceiling',
  snapshotReserve: 'the snapshot reserve',
  compressionRatio: 'the compression',
  ecc: 'the rule on ECC memory',
  memory: 'the memory rule',
  spinDownMinutes: 'the rule on disks that sleep',
  driveCelsiusAdvised: 'how warm drives should get',
  driveCelsiusMost: 'how warm drives may get',
}

const AIR_FIELDS: Record<keyof AirChoices, string> = {
  fanDuty: 'the speed of the fans',
  filters: 'how full the filters are',
  cover: 'the cover',
  gapClosed: 'the gap beside the fans',
  ventsCovered: 'the vents',
}

const MONEY_FIELDS: Record<keyof MoneyChoices, string> = {
  purchases: 'how parts are bought',
  extras: 'what is bought beside the machine',
  bundles: 'the bundles',
  orders: 'the orders',
  rates: 'the rates of currencies',
  resale: 'what owned pieces would bring',
  tax: 'the tax',
  ownership: 'the years of the machine',
  alternatives: 'what it stands against',
}

const DATA_FIELDS: Record<Exclude<keyof DataOfKind, 'kind'>, string> = {
  nowBytes: 'what there is today',
  growthBytesPerYear: 'what is added each year',
  fileBytes: 'the usual file',
}

type Labels = { [One in SingleEdit as One['do']]: (edit: One, words: Words) => string }

const some = (ids: readonly string[], { piece, format }: Words): string =>
  ids.length === 1 ? piece(ids[0] ?? '') : format.counted(ids.length, 'part')
const drives = (ids: readonly string[], { format }: Words): string =>
  format.counted(ids.length, 'drive')

const labels: Labels = {
  rename: () => 'rename the design',
  'write-notes': () => 'write the notes',
  'change-brief': ({ change }) => changed(Object.keys(change), BRIEF_FIELDS, 'the brief'),
  'change-data': ({ kind, change }) =>
    `${changed(Object.keys(change), DATA_FIELDS, 'the data')}: ${kind}`,
  'change-house-rules': ({ change }) =>
    changed(Object.keys(change), RULE_FIELDS, 'the house rules'),
  'note-pieces': notesLabel,
  fit: ({ part, beside }) => `${beside ? 'add' : 'choose'} ${sheetName(part.sheet)}`,
  'add-pieces': ({ count }, { format }) => `add ${format.counted(count, 'more piece')}`,
  remove: ({ partIds }, words) => `remove ${some(partIds, words)}`,
  'put-drives': ({ model, bays }, words) => `put ${sheetName(model.sheet)} in ${words.bays(bays)}`,
  'move-drive': ({ driveId, bay }, words) =>
    bay === null
      ? `take out ${words.piece(driveId)}, keep it`
      : `move ${words.piece(driveId)} to ${words.bays([bay])}`,
  'take-out': ({ driveIds }, words) =>
    `take out ${drives(driveIds, words)}, keep ${driveIds.length === 1 ? 'it' : 'them'}`,
  'send-back': ({ driveIds }, words) => `send back ${drives(driveIds, words)}`,
  'ungroup-drives': ({ driveIds }, words) => `ungroup ${drives(driveIds, words)}`,
  'lay-out': layoutLabel,
  'change-pool': ({ change }) =>
    'name' in change ? 'name a pool' : `set ${fieldList(Object.keys(change))} of a pool`,
  'change-sheet': ({ change }) => `change ${fieldList(Object.keys(change))}`,
  'take-sheet-fields': ({ part, fields }) =>
    `take ${fields.length === 1 ? fieldList(fields) : 'the new data sheet'} of ${sheetName(part.sheet)}`,
  'pin-card': ({ cardId }, { model }) => `choose the slot of ${model(cardId)}`,
  'pin-m2': ({ deviceId }, { model }) => `choose the M.2 socket of ${model(deviceId)}`,
  'pin-port': () => 'choose the port of a cable',
  'pin-lead': () => 'choose the lead of a power plug',
  'keep-members': () => 'say how members are wired',
  'drop-all-pins': () => 'let all places be worked out',
  'drop-pins': () => 'drop these choices',
  'free-paths': () => 'let cables be worked out',
  'use-port': () => 'say what a network port is for',
  'own-blocks': () => 'say which addresses are in use',
  'put-reader': ({ reader }) => `describe ${reader.name}`,
  'remove-reader': () => 'remove a reader',
  'put-service': ({ service }) => `say what serves as ${service.role}`,
  'remove-service': () => 'remove a service',
  'place-data': ({ kind }) => `say where ${kind} live`,
  'use-for-scratch': ({ isScratch }) =>
    isScratch ? 'use a pool for scratch' : 'use a pool for data',
  'change-air': ({ change }) => changed(Object.keys(change), AIR_FIELDS, 'the air'),
  'change-money': ({ change }) => changed(Object.keys(change), MONEY_FIELDS, 'the money'),
  'start-drives': ({ spinUp }) =>
    spinUp === null ? 'start all drives together' : 'start drives in groups',
  'tick-step': ({ tick }) => (tick === null ? 'take back a step' : 'tick a step off'),
  'note-serials': ({ serials }, { format }) =>
    `note ${format.counted(serials.length, 'serial number')}`,
  'note-burn-in': ({ pieceIds, burnIn }, words) =>
    `${burnIn ? 'note' : 'take back'} the burn-in of ${drives(pieceIds, words)}`,
  'fit-instead': ({ pieceId, part }, words) =>
    `note ${sheetName(part.sheet)} in the place of ${words.piece(pieceId)}`,
  'fit-planned': ({ pieceId }, words) => `fit what was planned for ${words.piece(pieceId)}`,
  'forget-planned': ({ pieceId }, words) => `take ${words.piece(pieceId)} as the plan`,
  'note-trials': () => 'note a swap',
}

/**
 * What an edit does, as in the list of what can be undone.
 * @example editLabel({ do: 'ungroup-drives', driveIds: ['drive-1', 'drive-2'] }, { format }) // 'ungroup 2 drives'
 */
export function editLabel(edit: Edit, words: Words): string {
  if (edit.do === 'several') return edit.what
  // Each label is only ever given edits of its own kind.
  const label = labels[edit.do] as (edit: SingleEdit, words: Words) => string
  return label(edit, words)
}

function changed(
  names: readonly string[],
  words: Readonly<Record<string, string>>,
  all: string,
): string {
  const known = names.map((name) => words[name] ?? name)
  return `change ${known.length === 0 || known.length > 2 ? all : listed(known)}`
}

const fieldList = (names: readonly string[]): string =>
  listed(names.map((name) => fieldWords(name).label))

function notesLabel({ partIds, change }: EditOf<'note-pieces'>, words: Words): string {
  if (change.owned !== undefined) {
    return `mark ${some(partIds, words)} as ${change.owned ? 'owned' : 'to buy'}`
  }
  if (change.ageYears !== undefined) return `note the age of ${some(partIds, words)}`
  if (change.rebuilding !== undefined) {
    return `say that ${some(partIds, words)} ${change.rebuilding ? 'is' : 'is no longer'} being rebuilt`
  }
  if (change.returned !== undefined) return `note the return of ${some(partIds, words)}`
  return change.sockets === undefined ? 'write a label' : 'say where the mains plug goes'
}

function layoutLabel({ pool }: EditOf<'lay-out'>, { format }: Words): string {
  const members = pool.groups.reduce((sum, { driveIds }) => sum + driveIds.length, 0)
  const [first] = pool.groups
  const kind = first ? familyOf(pool).groupWords(first).label : familyOf(pool).title
  const groups = pool.groups.length > 1 ? `${format.number(pool.groups.length)} × ` : ''
  return `make ${groups}${kind} of ${format.counted(members, 'drive')}`
}
