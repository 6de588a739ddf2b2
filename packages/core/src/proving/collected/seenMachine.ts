/** A drive as the machine sees it. Fields that no tool said are null. */
export interface SeenDrive {
  /** Its name while the machine runs: "sda", "nvme0n1". */
  device: string
  model: string | null
  serial: string | null
  /** Files that were gathered before this was read do not have it. */
  firmware?: string | null
  bytes: number | null
  /** Flash does not rotate. */
  rotates: boolean | null
  /** "sata", "sas", "nvme", "usb". */
  transport: string | null
  /** What is on it already, by its partitions: "zfs_member", "linux_raid_member", "ntfs". */
  signatures: string[]
  smart: SmartReading | null
}

/** What a drive says of its own health. Null where it does not say it. */
export interface SmartReading {
  /** What the drive itself concludes. */
  passed: boolean | null
  hours: number | null
  celsius: number | null
  /** Sectors that were replaced by spare ones, that wait for it, that could not be read. */
  reallocated: number | null
  pending: number | null
  uncorrectable: number | null
  /** Errors on the way between drive and controller. */
  interfaceErrors: number | null
  /** Of the last self-test; null while none is listed. */
  selfTestPassed: boolean | null
  /** Of flash: the share of its life that is used up, and the spare that is left, with the least that is allowed. */
  usedShare: number | null
  spareShare: number | null
  leastSpareShare: number | null
  /** Bits that flash sets when something is wrong; 0 when nothing is. */
  criticalWarning: number | null
  /** In its life; drives count it in units of their own, and only those that are known are taken. */
  writtenBytes: number | null
  /** Files that were gathered before this was read do not have it. */
  readBytes?: number | null
  /** What the link runs at, and what both ends could do, in bits a second. */
  linkBits: number | null
  mostLinkBits: number | null
}

/** A member of a pool, as the file system counts errors. */
export interface SeenMember {
  /** Pool or array. */
  pool: string
  /** A device, a path or a serial, as the tool has it. */
  name: string
  state: string
  readErrors: number
  writeErrors: number
  checksumErrors: number
}

export interface SeenPool {
  name: string
  /** "ONLINE", "DEGRADED", "clean", "degraded", "recovering". */
  state: string
  /** Share that a scrub, resilver or rebuild has done; null while none runs. */
  doneShare: number | null
  /** Null where no tool says it. */
  sizeBytes: number | null
  usedBytes: number | null
}

/** A device on PCI with what its link was trained to. */
export interface SeenPciDevice {
  slot: string
  name: string
  lanes: number
  mostLanes: number
  transfersPerSecond: number
  mostTransfersPerSecond: number
}

/** What a machine says of itself, read from the answers of its tools. */
export interface SeenMachine {
  at: string
  simulated: boolean
  drives: SeenDrive[]
  pools: SeenPool[]
  members: SeenMember[]
  pci: SeenPciDevice[]
  /** A module each; null where the firmware does not list them. */
  memoryBytes: number[] | null
  /** What could not be read, as sentences. */
  problems: string[]
}
