/** A word of the trade, as it stands in texts, and what it means in one sentence. */
export interface Term {
  /** As the list of terms has it. */
  name: string
  /** All forms in which texts have it, the longer ones first. */
  forms: readonly string[]
  says: string
}

/** The words of the trade that texts use, by name. Common practice, no source. */
export const TERMS: readonly Term[] = [
  {
    name: 'ashift',
    forms: ['ashift'],
    says: 'Sector size of a ZFS group as a power of two: 12 for 4,096 bytes. It cannot be changed later.',
  },
  {
    name: 'backplane',
    forms: ['backplanes', 'backplane'],
    says: 'Board behind the bays that drives plug into, with few cables for many drives.',
  },
  {
    name: 'ECC',
    forms: ['ECC'],
    says: 'Memory that notices and corrects a flipped bit; CPU, board and modules must all take it.',
  },
  {
    name: 'expander',
    forms: ['expanders', 'expander'],
    says: 'Chip that makes many drive ports of a few lanes, which all of its drives share.',
  },
  {
    name: 'fan-out cable',
    forms: ['fan-out cables', 'fan-out cable'],
    says: 'Cable from one plug of four lanes at a controller to four drives; it works in that direction only.',
  },
  {
    name: 'hot spare',
    forms: ['hot spares', 'hot spare'],
    says: 'Drive that waits in the machine and takes the place of a failed one by itself.',
  },
  {
    name: 'lane',
    forms: ['lanes', 'lane'],
    says: 'One of the parallel links of a slot or port; a ×4 slot has four, and moves four times as much as ×1.',
  },
  {
    name: 'parity',
    forms: ['double parity', 'single parity', 'triple parity', 'parity'],
    says: 'Redundancy that is worked out of the data: as many drives as there is parity may fail without loss.',
  },
  {
    name: 'mirror',
    forms: ['mirrors', 'mirrored', 'mirror'],
    says: 'Drives that hold the same; all but one of a mirror may fail.',
  },
  {
    name: 'record size',
    forms: ['record size', 'records'],
    says: 'Size of the pieces that a file system cuts files into and checks; small ones waste space on wide groups.',
  },
  {
    name: 'resilver',
    forms: ['resilvers', 'resilvering', 'resilver', 'rebuild'],
    says: 'Making the content of a drive that was replaced anew from the others of its group.',
  },
  {
    name: 'scrub',
    forms: ['scrubs', 'scrub'],
    says: 'Reading all that is stored and checking it, so that silent damage is found while it can be mended.',
  },
  {
    name: 'shingled',
    forms: ['shingled'],
    says: 'Recording with overlapping tracks: cheap space, and very slow to write for long, as a rebuild does.',
  },
  {
    name: 'TBW',
    forms: ['TBW'],
    says: 'Terabytes that a flash drive may be written in its life, by its maker.',
  },
  {
    name: 'vdev',
    forms: ['vdevs', 'vdev'],
    says: 'Group of drives in a ZFS pool with redundancy of its own; the pool is lost with any of them.',
  },
  {
    name: 'write hole',
    forms: ['write hole'],
    says: 'Stripe left half written by a power cut, so that its parity no longer fits its data.',
  },
]

/** A stretch of text, and the term that it is, if it is one. */
export interface Stretch {
  text: string
  term: Term | null
}

const FORMS = TERMS.flatMap((term) => term.forms.map((form) => [form, term] as const)).toSorted(
  ([one], [other]) => other.length - one.length,
)
const BY_FORM = new Map(FORMS.map(([form, term]) => [form.toLowerCase(), term]))
const PATTERN = new RegExp(`\\b(${FORMS.map(([form]) => form).join('|')})\\b`, 'gi')

/**
 * A text with its terms told apart, each where it stands first.
 * @example stretchesOf('A scrub.').map(({ text }) => text) // ['A ', 'scrub', '.']
 */
export function stretchesOf(text: string): Stretch[] {
  const seen = new Set<Term>()
  return text
    .split(PATTERN)
    .map((part): Stretch => {
      const term = BY_FORM.get(part.toLowerCase())
      if (!term || seen.has(term)) return { text: part, term: null }
      seen.add(term)
      return { text: part, term }
    })
    .filter(({ text: part }) => part !== '')
}

/** The terms of a text, in its order. */
export const termsIn = (text: string): Term[] => stretchesOf(text).flatMap(({ term }) => term ?? [])
