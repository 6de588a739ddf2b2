import { z } from 'zod'
import { DATA_PLUGS } from '../plugs'
import {
  cardFields,
  count,
  firmwareNeeds,
  m2Keys,
  maybe,
  sheetBase,
  usbBitsPerSecond,
  firmwareWanted,
} from '../sheetFields'
import { cardNeed, cardPower, OF_PCI_EXPRESS } from '../cards'
import { steady } from '../draws'
import { DRIVES_PER_DATA_PLUG } from '../plugs'
import type { Need } from '../needs'
import type { PassedOnOffer } from '../offers'
import { inWatts, type PartKindDefinition, silent } from '../partKindDefinition'

export const controllerSheet = z.strictObject({
  kind: z.literal('controller'),
  ...sheetBase,
  ...cardFields,
  controllerType: maybe(
    z.enum(['plain', 'RAID card', 'SATA adapter', 'USB bridge', 'expander']),
  ).describe('What stands between the drives and the file system.'),
  sitsIn: maybe(z.enum(['slot', 'M.2', 'USB', 'nothing'])).describe(
    'What it takes of the board; null is read as a slot.',
  ),
  m2Keys,
  splitsSlot: maybe(z.boolean()).describe(
    'For a carrier of M.2 devices: whether the slot must split its lanes among them, for want of a chip of its own.',
  ),
  portPlug: maybe(z.enum(DATA_PLUGS)).describe('The plug of its ports.'),
  takesSas: maybe(z.boolean()).describe('Whether SAS drives work on it.'),
  takesNvme: maybe(z.boolean()).describe('Whether NVMe drives in bays work on it.'),
  cablesIncluded: maybe(count).describe('Cables in the box that reach drives.'),
  biosNeeds: firmwareNeeds.describe(
    'Lines of firmware that know it only from some version on; empty when every board does.',
  ),
  drivePorts: count.describe('Drives that can be attached directly.'),
  usbBitsPerSecond: usbBitsPerSecond.describe('For a USB bridge: bits a second, as sold.'),
  maxBytesPerSecond: maybe(z.number().positive().max(1e12)).describe(
    'Most that its own chip moves, when that is less than its ports and its slot.',
  ),
  writeCache: maybe(z.enum(['none', 'unprotected', 'protected'])).describe(
    'For a RAID card: memory of its own for writes, and whether a battery or flash keeps it.',
  ),
  startSecondsApart: maybe(z.number().min(0).max(60)).describe(
    'Seconds that it lets pass from the start of one drive to the next; 0 for all at once.',
  ),
  firmwareWanted,
})

export type ControllerSheet = z.infer<typeof controllerSheet>

/** A card that only passes lanes on to M.2 devices; all it has are their sockets. */
export const isCarrier = ({ portPlug }: Pick<ControllerSheet, 'portPlug'>): boolean =>
  portPlug === 'M.2'

/** What it takes of the board. */
function hostNeed(sheet: ControllerSheet): Need[] {
  const moves = isCarrier(sheet) ? null : { drives: sheet.drivePorts }
  switch (sheet.sitsIn) {
    case 'M.2':
      return [
        {
          kind: 'M.2',
          speaks: 'PCIe',
          keys: sheet.m2Keys,
          lanes: sheet.lanes,
          pcieGeneration: sheet.pcieGeneration,
          moves,
        },
      ]
    case 'USB':
      return [{ kind: 'USB port' }]
    case 'nothing':
      return []
    default:
      return [cardNeed(sheet, moves, isCarrier(sheet) ? sheet.splitsSlot : false)]
  }
}

export const controllerKind: PartKindDefinition<ControllerSheet> = {
  schema: controllerSheet,
  words: { one: 'controller', many: 'controllers' },
  chosenIn: [{ step: 'core', title: 'Cards', noun: 'card' }],
  count: 'many',
  stands: 'inside',
  needs: (sheet) => [...hostNeed(sheet), ...cardPower(sheet)],
  offers: (sheet) => {
    const { portPlug, drivePorts, controllerType, takesSas, takesNvme } = sheet
    if (isCarrier(sheet)) {
      const carries = controllerType === 'SATA adapter' ? 'SATA' : 'PCIe'
      const places: PassedOnOffer['places'] = Array.from({ length: drivePorts }, () => ({
        kind: 'M.2',
        carries,
      }))
      return [
        {
          kind: 'passed on',
          places,
          lanes: sheet.splitsSlot === false ? 'shared' : 'split',
          liesFlat: false,
        },
      ]
    }
    const perConnector = portPlug === null ? 1 : DRIVES_PER_DATA_PLUG[portPlug]
    return [
      {
        kind: 'data port',
        plug: portPlug,
        sataGenerations: Array<number>(Math.ceil(drivePorts / perConnector)).fill(3),
        takesSas,
        takesNvme,
        behindController: controllerType === 'expander',
      },
    ]
  },
  draws: steady('idleWatts'),
  permitsDeepIdle: ({ permitsDeepIdle }) => permitsDeepIdle,
  decibels: silent,
  onlyWhere: OF_PCI_EXPRESS,
  highlights: ({ drivePorts, controllerType, idleWatts, lanes }, format) => [
    format.counted(drivePorts, 'port'),
    controllerType,
    lanes === null ? null : `×${lanes}`,
    inWatts(idleWatts, 'idle', format),
  ],
}
