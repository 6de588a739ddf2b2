/** One of those that are compared: a design, as it is or as it was at a revision or at its checkpoint. */
export interface ComparedDesign {
  id: string
  /** Null for as it is; the checkpoint is that of the page, and gone with it. */
  revision: number | 'checkpoint' | null
}

export const MOST_COMPARED = 4

/**
 * Reads which designs an address compares; what is none is left out.
 * @example readComparedDesigns('a,b@3') // [{ id: 'a', revision: null }, { id: 'b', revision: 3 }]
 */
export function readComparedDesigns(text: string): ComparedDesign[] {
  return text
    .split(',')
    .flatMap((one): ComparedDesign[] => {
      const [id = '', revision] = one.split('@')
      if (!/^[\w-]{1,64}$/.test(id)) return []
      if (revision === undefined) return [{ id, revision: null }]
      if (revision === 'checkpoint') return [{ id, revision }]
      return /^[1-9]\d{0,8}$/.test(revision) ? [{ id, revision: Number(revision) }] : []
    })
    .slice(0, MOST_COMPARED)
}

/** The same as an address has it. */
export const asText = (designs: readonly ComparedDesign[]): string =>
  designs.map(({ id, revision }) => (revision === null ? id : `${id}@${revision}`)).join(',')
