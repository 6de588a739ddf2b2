import { type PartChoice, PartsLens } from '../PartsLens'

const CHOICES: readonly PartChoice[] = [
  { title: 'Board', noun: 'board', kinds: ['board'] },
  { title: 'CPU', noun: 'CPU', kinds: ['cpu'] },
  { title: 'Cooler', noun: 'cooler', kinds: ['cooler'] },
  { title: 'Memory', noun: 'memory module', kinds: ['memory'] },
  { title: 'Cards', noun: 'card', kinds: ['controller', 'nic', 'display'] },
  { title: 'Fans', noun: 'fan', kinds: ['fan'] },
]

/** Board, CPU, cooler, memory and what sits in the slots. */
export function CoreLens() {
  return <PartsLens title="Core" choices={CHOICES} />
}
