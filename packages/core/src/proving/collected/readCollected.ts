import { type CollectedFile, collectedFile } from './collectedFile'
import { readLsblk } from './readLsblk'
import { readMemory } from './readMemory'
import { readPci } from './readPci'
import { readMdstat, readZpoolStatus, withSpace } from './readPools'
import { readSmart } from './readSmart'
import type { SeenDrive, SeenMachine } from './seenMachine'

/**
 * Reads anything as what a machine says of itself.
 *
 * @returns what it is instead, as a sentence, where it is none
 */
export function parseCollected(raw: unknown): { collected: CollectedFile } | { sentence: string } {
  const read = collectedFile.safeParse(raw)
  if (read.success) return { collected: read.data }
  const [issue] = read.error.issues
  const field = issue?.path.join('.') ?? ''
  return {
    sentence:
      field === '' || field === 'format'
        ? 'This is no file of tools/flint-collect.sh.'
        : `The field ${field} of the collected file cannot be read.`,
  }
}

/**
 * What a machine says of itself, from the answers of its tools. An answer that cannot be read is named, and the others
 * are read all the same.
 */
export function readCollected({ at, simulated, files }: CollectedFile): SeenMachine {
  const problems: string[] = []
  const drives = new Map<string, SeenDrive>()
  attempt(problems, 'the list of block devices', () => {
    if (files.lsblk.trim() === '') return
    for (const drive of readLsblk(files.lsblk)) drives.set(drive.device, drive)
  })
  files.smart.forEach((text, index) => {
    attempt(problems, `the health of drive ${index + 1}`, () => {
      const drive = readSmart(text)
      if (!drive) return
      // A controller of NVMe has a name of its own; its first name space is the drive.
      const device = drives.has(drive.device) ? drive.device : nameSpaceOf(drive, drives)
      drives.set(device, merged(drives.get(device), { ...drive, device }))
    })
  })
  const zpool = readZpoolStatus(files.zpool)
  const md = readMdstat(files.mdstat)
  return {
    at,
    simulated,
    drives: [...drives.values()],
    pools: [...withSpace(zpool.pools, files.space), ...md.pools],
    members: [...zpool.members, ...md.members],
    pci: readPci(files.lspci, files.links),
    memoryBytes: readMemory(files.memory),
    problems,
  }
}

function attempt(problems: string[], what: string, work: () => void): void {
  try {
    work()
  } catch (error) {
    if (!(error instanceof SyntaxError)) throw error
    problems.push(`It could not be read: ${what} is no JSON.`)
  }
}

function nameSpaceOf(
  { device, serial }: SeenDrive,
  drives: ReadonlyMap<string, SeenDrive>,
): string {
  const alike = [...drives.values()].find(
    (one) => serial !== null && one.serial === serial && one.device.startsWith(device),
  )
  return alike?.device ?? device
}

/** What the list of block devices says comes first, since the file system sees the same. */
function merged(before: SeenDrive | undefined, smart: SeenDrive): SeenDrive {
  if (!before) return smart
  return {
    ...before,
    model: before.model ?? smart.model,
    serial: before.serial ?? smart.serial,
    firmware: smart.firmware ?? null,
    bytes: before.bytes ?? smart.bytes,
    rotates: before.rotates ?? smart.rotates,
    transport: before.transport ?? smart.transport,
    smart: smart.smart,
  }
}
