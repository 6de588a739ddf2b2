import type { AirChoices } from '../design/air'
import type { MachineStateId } from '../design/brief'
import type { HouseRules } from '../design/houseRules'
import type { Machine } from '../machine/machine'
import type { PieceId } from '../machine/piece'
import type { CpuLoad } from './cpuDraw'
import type { DriveActivity } from './driveDraw'
import { memberDrives, type ReadDesign, readingDrives } from './readingDrives'

export interface StateDesign extends ReadDesign {
  houseRules: Readonly<Pick<HouseRules, 'spinDownMinutes'>>
  air: Readonly<Pick<AirChoices, 'fanDuty'>>
}

/** One thing that a machine may be doing. */
export interface MachineState {
  id: MachineStateId
  title: string
  /** What is going on, in a sentence. */
  about: string
  /** `off`: only what a board keeps awake. `idle`: as deep as the devices let the CPU sleep. */
  cpu: 'off' | 'idle' | CpuLoad
  drives: (design: StateDesign, machine: Machine) => (driveId: PieceId) => DriveActivity
}

const all = (activity: DriveActivity) => () => () => activity

/** Some read, and the others do what disks without work do by the house rule. */
function some(idsOf: (design: StateDesign, machine: Machine) => ReadonlySet<PieceId>) {
  return (design: StateDesign, machine: Machine) => {
    const ids = idsOf(design, machine)
    const others = design.houseRules.spinDownMinutes === null ? 'spinning' : 'asleep'
    return (driveId: PieceId): DriveActivity => (ids.has(driveId) ? 'reading' : others)
  }
}

const oneReads = some((design, machine) => readingDrives(design, machine, 1))

/** Every state, from least to most. A new one is an entry here and its name in the brief. */
export const machineStates: readonly MachineState[] = [
  {
    id: 'off',
    title: 'Off, plugged in',
    about: 'Switched off; what can be reached over the network stays awake.',
    cpu: 'off',
    drives: all('asleep'),
  },
  {
    id: 'asleep',
    title: 'Idle, disks asleep',
    about: 'The system runs, nobody reads, all disks have stopped.',
    cpu: 'idle',
    drives: all('asleep'),
  },
  {
    id: 'spinning',
    title: 'Idle, disks spinning',
    about: 'The system runs, nobody reads.',
    cpu: 'idle',
    drives: all('spinning'),
  },
  {
    id: 'one reader',
    title: 'One reader',
    about: 'One film is read from the largest pool.',
    cpu: 'serving',
    drives: oneReads,
  },
  {
    id: 'all readers',
    title: 'All readers',
    about: 'Everybody of the brief reads a file of their own.',
    cpu: 'serving many',
    drives: some((design, machine) => {
      const { readersAtOnce, readers } = design.brief
      return readingDrives(design, machine, Math.max(1, readersAtOnce, readers.length))
    }),
  },
  {
    id: 'conversion',
    title: 'Conversion of video',
    about: 'One film is read and converted on its way.',
    cpu: 'converting',
    drives: oneReads,
  },
  {
    id: 'scrub',
    title: 'Scrub',
    about: 'All members of all pools are read from end to end.',
    cpu: 'checking',
    drives: some((design) => memberDrives(design)),
  },
  {
    id: 'firmware',
    title: 'Firmware menus',
    about: 'No system runs, and nothing sleeps: what a meter shows there is no idle figure.',
    cpu: 'firmware',
    drives: all('spinning'),
  },
  {
    id: 'starting',
    title: 'Starting',
    about: 'All disks start at once while the firmware runs.',
    cpu: 'firmware',
    drives: all('starting'),
  },
]

/** The state of an id. */
export function machineState(id: MachineStateId): MachineState {
  const state = machineStates.find((one) => one.id === id)
  if (!state) throw new Error(`There is no state ${id}.`)
  return state
}
