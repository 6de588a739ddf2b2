import type { Saving, Words } from '@flint/core/figures'

/** What could be done about some watts, and what it costs in turn. */
export function savingWords(
  saving: Saving,
  { piece, pieces, format }: Words,
): { what: string; costs: string } {
  switch (saving.what) {
    case 'disks sleep':
      return {
        what: `Let disks stop after ${format.number(saving.spinDownMinutes)} minutes without work`,
        costs:
          'The first reader waits for them, and each stop is one of the starts they are rated for.',
      }
    case 'veto':
      return {
        what: `Do without ${pieces(saving.partIds)}, or take one with link power management`,
        costs: 'The money for another part, or what this one does.',
      }
    case 'better supply':
      return {
        what: `A supply as strong as ${piece(saving.supplyId)} with the best certificate`,
        costs: 'The money for it; a smaller one saves as well.',
      }
    case 'UPS':
      return {
        what: `Do without ${piece(saving.upsId)}`,
        costs: 'The machine stops hard when power goes.',
      }
    case 'management':
      return {
        what: `A board without a management controller instead of ${piece(saving.boardId)}, about`,
        costs: 'It cannot be reached any more while it is off.',
      }
  }
}
