import type { Design } from '../design/design'
import type { Machine } from '../machine/machine'
import type { Formatter } from '../units/formatter'
import type { Finding, Measured } from './finding'
import type { JudgedLimit } from './limit'

/** All figures of a design and how they stand to its brief. */
export interface Figures extends Measured {
  limits: JudgedLimit[]
}

/** What the rules look at. */
export interface Given extends Figures {
  design: Design
  machine: Machine
}

/** One rule: looks at what is given, gives what it finds. */
export type Rule = (given: Given, format: Formatter) => Finding[]
