import type { Design, FittedPart } from '../design/design'
import { type Machine, piecesOf } from '../machine/machine'
import type { Piece, PieceId } from '../machine/piece'
import { NVME_UNIT_BYTES } from './collected/readSmart'
import { COLLECTED_FORMAT, COLLECTED_VERSION, type CollectedFile } from './collected/collectedFile'
import type { Suspect } from './tracing/suspects'

/** What may be wrong with a simulated machine. */
export interface SimulatedFaults {
  /** Something that gives the drives behind it errors on the way to them. */
  faulty: Suspect | null
  /** A drive whose platters or cells fail. */
  badDriveId: PieceId | null
  /** A drive that no plug reached. */
  unseenDriveId: PieceId | null
  /** A card that was put into a narrower slot. */
  narrowCardId: PieceId | null
  /** A drive with the mark of an old pool on it. */
  oldPoolDriveId: PieceId | null
}

export const NO_FAULTS: SimulatedFaults = {
  faulty: null,
  badDriveId: null,
  unseenDriveId: null,
  narrowCardId: null,
  oldPoolDriveId: null,
}

/** In what condition a simulated machine is said to have been asked. */
export interface SimulatedCondition {
  /** As ISO 8601 has it. */
  at: string
  /** That its drives have run, and how warm they are. */
  hours: number
  celsius: number
  pools: readonly { name: string; sizeBytes: number; usedBytes: number }[]
  /** How often each drive was written and then read from end to end; a half is all of it written. */
  timesOver?: number
}

/** Of a new machine, some days into its burn-in. */
export const NEW_MACHINE: Omit<SimulatedCondition, 'at'> = { hours: 61, celsius: 38, pools: [] }

const SECTOR_BYTES = 512
const SIMULATED_FIRMWARE = '1.0'
const CRC_ERRORS = 37
const SECTORS_WAITING = 16

/**
 * What the tools of a machine built as this design would say, with faults to choose: a stand-in for the demo and the
 * tests, labelled as simulated wherever it is shown. No machine is asked.
 *
 */
export function simulatedMachine(
  { fitted }: Pick<Design, 'fitted'>,
  machine: Machine,
  faults: SimulatedFaults,
  { at, hours, celsius, pools, timesOver = 0 }: SimulatedCondition,
): CollectedFile {
  const parts = new Map(fitted.map((part) => [part.id, part]))
  const drives = piecesOf(machine, 'drive')
    .filter(({ id }) => !machine.awayIds.includes(id) && id !== faults.unseenDriveId)
    .map((drive, index) => {
      const part = parts.get(drive.id)
      return {
        drive,
        device: drive.dataSheet.plug === 'NVMe' ? `nvme${index}n1` : `sd${letters(index)}`,
        serial: serialOf(drive.id, part),
      }
    })
  const slots = machine.placement.placed.flatMap(({ pieceId, lanes, pcieGeneration }, index) => {
    const piece = machine.pieces.get(pieceId)
    if (piece?.kind !== 'controller' && piece?.kind !== 'nic') return []
    const isNarrow = pieceId === faults.narrowCardId
    return [{ slot: `0${index + 1}:00.0`, piece, lanes, isNarrow, pcieGeneration }]
  })
  const modules = piecesOf(machine, 'memory').map(({ dataSheet }) => dataSheet.capacityBytes)
  return {
    format: COLLECTED_FORMAT,
    version: COLLECTED_VERSION,
    at,
    simulated: true,
    files: {
      lsblk: JSON.stringify({
        blockdevices: drives.map(({ drive, device, serial }) => ({
          name: device,
          type: 'disk',
          size: drive.dataSheet.capacityBytes,
          model: modelOf(drive),
          serial,
          rota: drive.dataSheet.medium === 'disk',
          tran: drive.dataSheet.plug?.toLowerCase() ?? null,
          wwn: null,
          fstype: drive.id === faults.oldPoolDriveId ? 'zfs_member' : null,
        })),
      }),
      smart: drives.map(({ drive, device, serial }) =>
        JSON.stringify(smartOf(drive, device, serial, faults, { hours, celsius, timesOver })),
      ),
      zpool: pools.map(({ name }) => `  pool: ${name}\n state: ONLINE\n`).join('\n'),
      space: pools
        .map(({ name, sizeBytes, usedBytes }) => [name, sizeBytes, usedBytes].join('\t'))
        .join('\n'),
      mdstat: '',
      lspci: slots
        .map(
          ({ slot, piece }) =>
            `Slot:\t${slot}\nClass:\tSimulated\nVendor:\t${piece.dataSheet.maker}\nDevice:\t${piece.dataSheet.model}`,
        )
        .join('\n\n'),
      links: slots
        .map(({ slot, lanes, isNarrow, pcieGeneration }) => {
          const speed = `${transfersOf(pcieGeneration)} GT/s PCIe`
          return [slot, speed, isNarrow ? Math.max(1, lanes / 4) : lanes, speed, lanes].join('\t')
        })
        .join('\n'),
      memory: modules
        .map(
          (bytes, index) =>
            `Handle 0x00${index + 10}, DMI type 17, 92 bytes\nMemory Device\n\tSize: ${bytes / 2 ** 30} GB`,
        )
        .join('\n\n'),
    },
  }
}

const modelOf = ({ dataSheet }: Piece<'drive'>): string => `${dataSheet.maker} ${dataSheet.model}`

/** The one that is noted, else one made of what is written on it, so that the label finds it. */
function serialOf(driveId: PieceId, part: FittedPart | undefined): string {
  const { serial = '', label = '' } = part ?? {}
  const plain = (text: string): string => text.replace(/\W/g, '').toUpperCase()
  return serial === '' ? `SIM${plain(driveId)}${plain(label)}` : serial
}

const letters = (index: number): string => {
  const letter = String.fromCharCode('a'.charCodeAt(0) + (index % 26))
  return index < 26 ? letter : letters(Math.floor(index / 26) - 1) + letter
}

/** Gigatransfers a second of a generation of PCI Express. Source: its base specifications, from memory. */
const transfersOf = (generation: number): number => [2.5, 5, 8, 16, 32][generation - 1] ?? 8

function smartOf(
  drive: Piece<'drive'>,
  device: string,
  serial: string,
  { faulty, badDriveId }: SimulatedFaults,
  {
    hours,
    celsius,
    timesOver,
  }: Required<Pick<SimulatedCondition, 'hours' | 'celsius' | 'timesOver'>>,
): object {
  const { plug, capacityBytes, rpm, firmwareWanted } = drive.dataSheet
  const writtenBytes = capacityBytes * Math.min(Math.ceil(timesOver), timesOver * 2)
  const readBytes = capacityBytes * Math.max(0, timesOver * 2 - Math.ceil(timesOver))
  const isBad = drive.id === badDriveId
  const crc = faulty?.driveIds.includes(drive.id) ? CRC_ERRORS : 0
  const base = {
    device: { name: `/dev/${device}`, protocol: plug === 'NVMe' ? 'NVMe' : 'ATA' },
    model_name: modelOf(drive),
    serial_number: serial,
    firmware_version: firmwareWanted ?? SIMULATED_FIRMWARE,
    logical_block_size: SECTOR_BYTES,
    user_capacity: { bytes: capacityBytes },
    rotation_rate: rpm ?? 0,
    smart_status: { passed: true },
    temperature: { current: celsius },
    power_on_time: { hours },
  }
  if (plug === 'NVMe') {
    return {
      ...base,
      nvme_smart_health_information_log: {
        critical_warning: 0,
        media_errors: isBad ? SECTORS_WAITING : 0,
        percentage_used: 1,
        available_spare: 100,
        available_spare_threshold: 10,
        data_units_written: 2_000 + Math.round(writtenBytes / NVME_UNIT_BYTES),
        data_units_read: Math.round(readBytes / NVME_UNIT_BYTES),
      },
    }
  }
  const attribute = (id: number, name: string, value: number): object => ({
    id,
    name,
    raw: { value, string: String(value) },
  })
  const link = { units_per_second: 60, bits_per_unit: 100_000_000 }
  return {
    ...base,
    interface_speed: { max: link, current: link },
    ata_smart_attributes: {
      table: [
        attribute(5, 'Reallocated_Sector_Ct', 0),
        attribute(197, 'Current_Pending_Sector', isBad ? SECTORS_WAITING : 0),
        attribute(198, 'Offline_Uncorrectable', isBad ? SECTORS_WAITING : 0),
        attribute(199, 'UDMA_CRC_Error_Count', crc),
        attribute(241, 'Total_LBAs_Written', Math.round(writtenBytes / SECTOR_BYTES)),
        attribute(242, 'Total_LBAs_Read', Math.round(readBytes / SECTOR_BYTES)),
      ],
    },
  }
}
