import { PartsLens } from '../PartsLens'

/** Board, CPU, cooler, memory and what sits in the slots. */
export function CoreLens() {
  return <PartsLens title="Core" step="core" />
}
