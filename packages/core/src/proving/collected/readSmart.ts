import { countOf, listOf, objectOf, textOf } from './fields'
import type { SeenDrive, SmartReading } from './seenMachine'

/**
 * Attributes of ATA drives by their number.
 * Source: vendors agree on these, and no standard fixes them; from memory, common practice. ACS-4 has the counters of
 * the device statistics log under names of its own.
 */
export const ATA_ATTRIBUTES = {
  reallocated: 5,
  reportedUncorrectable: 187,
  pending: 197,
  offlineUncorrectable: 198,
  interfaceErrors: 199,
} as const

/** Data units of NVMe: thousands of 512 bytes. Source: NVMe base specification, SMART / Health log, from memory. */
export const NVME_UNIT_BYTES = 512_000

/**
 * A drive and its health, from what `smartctl -j -a` says of ATA, NVMe and SCSI drives.
 *
 * @returns null where it names no drive
 * @throws SyntaxError where it is no JSON
 * Source of the fields: the JSON output of smartmontools 7, from memory.
 */
export function readSmart(text: string): SeenDrive | null {
  const raw = objectOf(JSON.parse(text))
  const device = objectOf(raw.device)
  const path = textOf(device.name)
  if (path === null) return null
  const capacity = objectOf(raw.user_capacity)
  return {
    device: path.replace(/^\/dev\//, ''),
    model: textOf(raw.model_name) ?? textOf(raw.scsi_model_name),
    serial: textOf(raw.serial_number),
    firmware: textOf(raw.firmware_version) ?? textOf(raw.scsi_revision),
    bytes: countOf(capacity.bytes) ?? countOf(raw.nvme_total_capacity),
    rotates: raw.rotation_rate === undefined ? null : (countOf(raw.rotation_rate) ?? 0) > 0,
    transport: transportOf(textOf(device.protocol)),
    signatures: [],
    smart: readingOf(raw),
  }
}

function transportOf(protocol: string | null): string | null {
  switch (protocol) {
    case 'ATA':
      return 'sata'
    case 'SCSI':
      return 'sas'
    case 'NVMe':
      return 'nvme'
    default:
      return null
  }
}

function readingOf(raw: Record<string, unknown>): SmartReading {
  const nvme = objectOf(raw.nvme_smart_health_information_log)
  const scsiErrors = objectOf(raw.scsi_error_counter_log)
  const scsiUncorrected = sumOfKnown(
    ['read', 'write', 'verify'].map((name) =>
      countOf(objectOf(scsiErrors[name]).total_uncorrected_errors),
    ),
  )
  const attribute = ataAttributes(raw)
  const speed = objectOf(raw.interface_speed)
  const status = objectOf(raw.smart_status)
  const percent = (value: unknown): number | null => {
    const count = countOf(value)
    return count === null ? null : count / 100
  }
  return {
    passed: typeof status.passed === 'boolean' ? status.passed : null,
    hours: countOf(objectOf(raw.power_on_time).hours) ?? countOf(nvme.power_on_hours),
    celsius: countOf(objectOf(raw.temperature).current) ?? countOf(nvme.temperature),
    reallocated: attribute('reallocated') ?? countOf(raw.scsi_grown_defect_list),
    pending: attribute('pending'),
    uncorrectable:
      sumOfKnown([attribute('offlineUncorrectable'), attribute('reportedUncorrectable')]) ??
      countOf(nvme.media_errors) ??
      scsiUncorrected,
    interfaceErrors: attribute('interfaceErrors'),
    selfTestPassed: lastSelfTest(raw),
    usedShare: percent(nvme.percentage_used),
    spareShare: percent(nvme.available_spare),
    leastSpareShare: percent(nvme.available_spare_threshold),
    criticalWarning: countOf(nvme.critical_warning),
    writtenBytes: movedBytes(raw, 'written'),
    readBytes: movedBytes(raw, 'read'),
    linkBits: bitsOf(objectOf(speed.current)),
    mostLinkBits: bitsOf(objectOf(speed.max)),
  }
}

const sumOfKnown = (values: readonly (number | null)[]): number | null => {
  const known = values.filter((value) => value !== null)
  return known.length === 0 ? null : known.reduce((sum, value) => sum + value, 0)
}

function ataAttributes(
  raw: Record<string, unknown>,
): (name: keyof typeof ATA_ATTRIBUTES) => number | null {
  const byId = new Map(
    listOf(objectOf(raw.ata_smart_attributes).table).map((row) => {
      const { id, raw: value } = objectOf(row)
      return [countOf(id), countOf(objectOf(value).value)]
    }),
  )
  return (name) => byId.get(ATA_ATTRIBUTES[name]) ?? null
}

/** Whether the newest of the listed self-tests went well; a test that still runs says nothing. */
function lastSelfTest(raw: Record<string, unknown>): boolean | null {
  const ata = objectOf(objectOf(raw.ata_smart_self_test_log).standard)
  const [first] = listOf(ata.table)
  const { passed } = objectOf(objectOf(first).status)
  if (typeof passed === 'boolean') return passed
  const [newest] = listOf(objectOf(raw.nvme_self_test_log).table)
  const result = countOf(objectOf(objectOf(newest).self_test_result).value)
  return result === null ? null : result === 0
}

function bitsOf(speed: Record<string, unknown>): number | null {
  const [units, each] = [countOf(speed.units_per_second), countOf(speed.bits_per_unit)]
  return units === null || each === null ? null : units * each
}

/**
 * Counters of what was moved, by the name that smartmontools gives attributes 241 and 242, with the unit in bytes; null
 * for the size of a sector. Makers count differently, so a name that is not here says nothing.
 * Source: the drive database of smartmontools, from memory.
 */
const MOVED_NAMES: Record<'written' | 'read', Readonly<Record<string, number | null>>> = {
  written: {
    Total_LBAs_Written: null,
    Host_Writes_32MiB: 32 * 2 ** 20,
    Host_Writes_GiB: 2 ** 30,
    Lifetime_Writes_GiB: 2 ** 30,
  },
  read: {
    Total_LBAs_Read: null,
    Host_Reads_32MiB: 32 * 2 ** 20,
    Host_Reads_GiB: 2 ** 30,
    Lifetime_Reads_GiB: 2 ** 30,
  },
}
const USUAL_SECTOR_BYTES = 512
/** SCSI counts in thousands of millions of bytes. Source: smartctl, "Gigabytes processed [10^9 bytes]", from memory. */
const SCSI_UNIT_BYTES = 1e9

/** What a drive has written or read in its life; null where it does not say it in a unit that is known. */
function movedBytes(raw: Record<string, unknown>, way: 'written' | 'read'): number | null {
  const nvme = countOf(objectOf(raw.nvme_smart_health_information_log)[`data_units_${way}`])
  if (nvme !== null) return nvme * NVME_UNIT_BYTES
  const scsi = objectOf(objectOf(raw.scsi_error_counter_log)[way === 'written' ? 'write' : 'read'])
  const processed = countOf(scsi.gigabytes_processed)
  if (processed !== null) return processed * SCSI_UNIT_BYTES
  const sector = countOf(raw.logical_block_size) ?? USUAL_SECTOR_BYTES
  for (const row of listOf(objectOf(raw.ata_smart_attributes).table)) {
    const { name, raw: value } = objectOf(row)
    const unit = typeof name === 'string' ? MOVED_NAMES[way][name] : undefined
    const count = countOf(objectOf(value).value)
    if (unit !== undefined && count !== null) return count * (unit ?? sector)
  }
  return null
}
