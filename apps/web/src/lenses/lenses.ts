import type { StepId } from '@flint/core/editing'
import type { ComponentType } from 'react'
import { BriefLens } from './brief/BriefLens'
import { CacheLens } from './cache/CacheLens'
import { CoreLens } from './core/CoreLens'
import { DrivesLens } from './drives/DrivesLens'
import { HeatLens } from './heat/HeatLens'
import { MoneyLens } from './money/MoneyLens'
import { LogLens } from './log/LogLens'
import { ProveLens } from './prove/ProveLens'
import { NetworkLens } from './network/NetworkLens'
import { PowerLens } from './power/PowerLens'
import { PathsLens } from './paths/PathsLens'
import { ShellLens } from './shell/ShellLens'

export interface Lens {
  id: StepId
  title: string
  /** The letter that switches to it. */
  letter: string
  /** What one decides there, for the help. */
  purpose: string
  Pane: ComponentType
}

/** The steps of the work, in its order. A new lens is one folder and one line here. */
export const lenses: readonly Lens[] = [
  {
    id: 'brief',
    title: 'Brief',
    letter: 'b',
    purpose: 'What must fit, how long, and the limits',
    Pane: BriefLens,
  },
  {
    id: 'shell',
    title: 'Shell',
    letter: 's',
    purpose: 'The case, where it stands, and the supply',
    Pane: ShellLens,
  },
  {
    id: 'core',
    title: 'Core',
    letter: 'c',
    purpose: 'Board, CPU, cooler, memory and cards',
    Pane: CoreLens,
  },
  {
    id: 'drives',
    title: 'Drives',
    letter: 'd',
    purpose: 'Drives into bays, groups and redundancy',
    Pane: DrivesLens,
  },
  {
    id: 'paths',
    title: 'Paths',
    letter: 'p',
    purpose: 'Slots, ports and links: what is narrow, and how long work takes',
    Pane: PathsLens,
  },
  {
    id: 'cache',
    title: 'Cache',
    letter: 'a',
    purpose: 'What small fast devices do: system, logs, caches, and how long they last',
    Pane: CacheLens,
  },
  {
    id: 'network',
    title: 'Network',
    letter: 'n',
    purpose: 'Network ports, readers at once, and how long copies take',
    Pane: NetworkLens,
  },
  {
    id: 'power',
    title: 'Power',
    letter: 'w',
    purpose: 'Watts by state and through the day, what they cost, and what could be saved',
    Pane: PowerLens,
  },
  {
    id: 'heat',
    title: 'Heat',
    letter: 'h',
    purpose: 'Air through the machine, how warm drives get, and how loud it is',
    Pane: HeatLens,
  },
  {
    id: 'money',
    title: 'Money',
    letter: 'y',
    purpose: 'The bill, what the years cost, and when it has paid for itself',
    Pane: MoneyLens,
  },
  {
    id: 'prove',
    title: 'Prove',
    letter: 'v',
    purpose:
      'The bench: what is to be done, what the machine says of itself, whose fault errors are',
    Pane: ProveLens,
  },
  {
    id: 'log',
    title: 'Log',
    letter: 'l',
    purpose:
      'What happens over time: events, watts, warmth, how full it is, and what is to be done again',
    Pane: LogLens,
  },
]
