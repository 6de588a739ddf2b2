/** Something that was just done on the shelf, with the way back where there is one. */
export interface ShelfNews {
  text: string
  removedId?: string
}
