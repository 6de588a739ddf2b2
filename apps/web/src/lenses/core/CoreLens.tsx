import { goesIntoBay, type PartSheet } from '@flint/core'
import type { PartChoice } from '../ChosenParts'
import { PartsLens } from '../PartsLens'

/** Boot devices, and drives that sit in an M.2 socket or a USB port instead of a bay. */
const isWithoutBay = (sheet: PartSheet): boolean => sheet.kind !== 'drive' || !goesIntoBay(sheet)

const CHOICES: readonly PartChoice[] = [
  { title: 'Board', noun: 'board', kinds: ['board'] },
  { title: 'CPU', noun: 'CPU', kinds: ['cpu'] },
  { title: 'Cooler', noun: 'cooler', kinds: ['cooler'] },
  { title: 'Memory', noun: 'memory module', kinds: ['memory'] },
  { title: 'Cards', noun: 'card', kinds: ['controller', 'nic', 'display', 'riser'] },
  { title: 'Boot, M.2', noun: 'boot device', kinds: ['boot', 'drive'], isOffered: isWithoutBay },
  { title: 'Cables', noun: 'cable', kinds: ['cable'] },
  { title: 'Fans', noun: 'fan', kinds: ['fan'] },
]

/** Board, CPU, cooler, memory and what sits in the slots. */
export function CoreLens() {
  return <PartsLens title="Core" choices={CHOICES} />
}
