import type { Machine, Words } from '@flint/core/figures'
import { bayRangeOf } from './bayRangeOf'

/** A piece as one finds it at the bench: a drive by its bay, everything else by its name. */
export function placedName(
  machine: Pick<Machine, 'driveIn' | 'bayById'>,
  words: Pick<Words, 'model' | 'piece'>,
  id: string,
): string {
  const isInBay = [...machine.driveIn.values()].includes(id)
  return isInBay ? `${words.model(id)}, ${bayRangeOf(machine, [id])}` : words.piece(id)
}
