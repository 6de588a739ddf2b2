/** How something is drawn: what is there, what has room and is empty, metal, plugs, lines. */
export type DetailLook = 'part' | 'filled' | 'empty' | 'metal' | 'socket' | 'plug' | 'fin' | 'air'

interface DetailBase {
  /** For the list; never taken apart. */
  id: string
  look: DetailLook
  /** What it is, where that is worth a word; empty otherwise. */
  words: string
  /** The piece that is opened where it is chosen; left out for what is of no piece alone. */
  pieceId?: string
}

/** One thing of the plan, millimetres from its upper left corner. */
export type Detail = DetailBase &
  (
    | { shape: 'rect'; x: number; y: number; width: number; height: number; hatch?: number }
    | { shape: 'circle'; x: number; y: number; radius: number }
    | { shape: 'line'; points: { x: number; y: number }[] }
  )
