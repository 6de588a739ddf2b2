import { sameValue } from './design/sameValue'

/** What was worked out, and every value that was read on the way. */
interface Kept {
  slots: number[]
  values: unknown[]
  result: unknown
}

/** Where the reads of a piece of work are noted. */
interface Frame {
  slots: number[]
  values: unknown[]
}

/**
 * Keeps what was worked out for as long as every value that was read for it is the very same.
 *
 * Nobody has to say what a piece of work depends on: that is noted while it runs, value by value. Work reads only
 * through the functions that `source` and `kept` give, and only while it runs. When something is worked out anew
 * and says the same as before, the old value is handed on, so that what reads it need not run.
 */
export class Recorder {
  #round = 0
  #frame: Frame | null = null
  readonly #slots: (() => unknown)[] = []
  /** The frame in which a slot was read last, so that it is noted once in each. */
  readonly #readIn: (Frame | null)[] = []

  /** Values may have changed since; what is read now is looked at again. */
  nextRound(): void {
    this.#round += 1
  }

  /** A value from outside. */
  source<Value>(get: () => Value): () => Value {
    const slot = this.#slots.push(get) - 1
    this.#readIn.push(null)
    return () => {
      const value = get()
      this.#note(slot, value)
      return value
    }
  }

  /**
   * Something that is worked out from what it reads.
   * @param isPlain whether old and new are compared by what they say; false for what is too large for that
   */
  kept<Value>(work: () => Value, isPlain = true): () => Value {
    let before: Kept | null = null
    let round = -1
    return this.source(() => {
      if (before !== null && (round === this.#round || this.#isSame(before))) {
        round = this.#round
        return before.result as Value
      }
      const outer = this.#frame
      const frame: Frame = { slots: [], values: [] }
      this.#frame = frame
      try {
        const result = work()
        const isSame = isPlain && before !== null && sameValue(before.result, result)
        before = { ...frame, result: isSame ? before?.result : result }
      } finally {
        this.#frame = outer
      }
      round = this.#round
      return before.result as Value
    })
  }

  #note(slot: number, value: unknown): void {
    const frame = this.#frame
    if (frame === null || this.#readIn[slot] === frame) return
    this.#readIn[slot] = frame
    frame.slots.push(slot)
    frame.values.push(value)
  }

  #isSame({ slots, values }: Kept): boolean {
    for (let at = 0; at < slots.length; at += 1) {
      if (this.#slots[slots[at] ?? 0]?.() !== values[at]) return false
    }
    return true
  }
}

/**
 * An object whose fields are read through the recorder, each by itself.
 * @param names all fields that it ever has
 */
export function recorded<Source extends object>(
  recorder: Recorder,
  names: readonly (keyof Source)[],
  current: () => Source,
  inner: { [Field in keyof Source]?: Source[Field] } = {},
): Source {
  const view = { ...inner } as Source
  for (const name of names) {
    if (name in inner) continue
    const get = recorder.source(() => current()[name])
    Object.defineProperty(view, name, { get, enumerable: true })
  }
  return view
}
