import { sameValue } from './design/sameValue'

/**
 * `sure`: nothing that was read has changed. `unsure`: something has that was worked out from what was read.
 * `stale`: something that was read itself is another now, or it was never worked out.
 */
type State = 'sure' | 'unsure' | 'stale'

/** A value that work reads: from outside, or worked out by other work. */
interface Value {
  now: unknown
  /** Work that read it when it last ran. */
  readonly readers: Set<Work>
  /** The run that read it last, so that each run notes it once. */
  readIn: Value[] | null
}

interface Work extends Value {
  state: State
  readonly run: () => unknown
  readonly isPlain: boolean
  wasRun: boolean
  /** What it read when it last ran, in that order. */
  reads: readonly Value[]
}

interface Source extends Value {
  readonly get: () => unknown
}

/** An object whose fields are read each by itself: while it is the very same, none of them has changed. */
interface Fields {
  of: object | null
  readonly current: () => object
  readonly sources: Source[]
}

/**
 * Keeps what was worked out for as long as every value that was read for it is the very same.
 *
 * Nobody has to say what a piece of work depends on: that is noted while it runs, value by value. Work reads only
 * through the functions that `source` and `kept` give, and only while it runs. When something is worked out anew
 * and says the same as before, the old value is handed on, so that what reads it need not run.
 *
 * A new round looks at each value from outside once and tells only those that read it, directly or through others,
 * so what no change concerns costs nothing.
 */
export class Recorder {
  readonly #sources: Source[] = []
  readonly #fields: Fields[] = []
  /** What the work that is running has read so far. */
  #reads: Value[] | null = null

  /** Values from outside may have changed since. */
  nextRound(): void {
    for (const source of this.#sources) lookAt(source)
    for (const fields of this.#fields) {
      const now = fields.current()
      if (now === fields.of) continue
      fields.of = now
      for (const source of fields.sources) lookAt(source)
    }
  }

  /** A value from outside; it stays the same throughout a round. */
  source<Given>(get: () => Given): () => Given {
    return this.#sourceIn(this.#sources, get)
  }

  /** Every named field of an object that is never changed itself, as a value from outside. */
  fieldsOf<Given extends object>(
    names: readonly (keyof Given)[],
    current: () => Given,
  ): { name: keyof Given; get: () => unknown }[] {
    const fields: Fields = { of: null, current, sources: [] }
    this.#fields.push(fields)
    return names.map((name) => {
      return { name, get: this.#sourceIn(fields.sources, () => current()[name]) }
    })
  }

  #sourceIn<Given>(sources: Source[], get: () => Given): () => Given {
    const source: Source = { now: undefined, readers: new Set(), readIn: null, get }
    sources.push(source)
    return () => {
      const now = get()
      source.now = now
      this.#note(source)
      return now
    }
  }

  /**
   * Something that is worked out from what it reads.
   * @param isPlain whether old and new are compared by what they say; false for what is too large for that
   */
  kept<Result>(run: () => Result, isPlain = true): () => Result {
    const work: Work = {
      now: undefined,
      readers: new Set(),
      readIn: null,
      state: 'stale',
      run,
      isPlain,
      wasRun: false,
      reads: [],
    }
    return () => {
      if (work.state !== 'sure') this.#settle(work)
      this.#note(work)
      return work.now as Result
    }
  }

  /**
   * Something small for each item of a list, from the item alone. Items that are the very same as before are not
   * looked at again, so a change of one costs little however long the list is.
   */
  keptEach<Item, Result>(
    list: () => readonly Item[],
    pick: (item: Item) => Result,
  ): () => readonly Result[] {
    let before: { items: readonly Item[]; results: readonly Result[] } = { items: [], results: [] }
    return this.kept(() => {
      const items = list()
      let isSame = items.length === before.items.length
      const results = items.map((item, at) => {
        const was = before.results[at] as Result
        if (at < before.items.length && item === before.items[at]) return was
        const now = pick(item)
        if (at < before.items.length && sameValue(was, now)) return was
        isSame = false
        return now
      })
      before = { items, results: isSame ? before.results : results }
      return before.results
    }, false)
  }

  #note(value: Value): void {
    const reads = this.#reads
    if (reads === null || value.readIn === reads) return
    value.readIn = reads
    reads.push(value)
  }

  #settle(work: Work): void {
    if (work.state === 'unsure') {
      // In the order they were read, since what was read first decides whether the rest is asked for at all.
      for (const read of work.reads) {
        if (isWork(read) && read.state !== 'sure') this.#settle(read)
        // Settling what was read has told this one when it came out different.
        if ((work.state as State) === 'stale') break
      }
    }
    if (work.state === 'stale') this.#run(work)
    work.state = 'sure'
  }

  #run(work: Work): void {
    const outer = this.#reads
    const reads: Value[] = []
    this.#reads = reads
    try {
      const result = work.run()
      if (!work.wasRun || !(work.isPlain ? sameValue(work.now, result) : work.now === result)) {
        work.now = result
        for (const reader of work.readers) reader.state = 'stale'
      }
      work.wasRun = true
    } finally {
      this.#reads = outer
    }
    if (reads.length === work.reads.length && reads.every((read, at) => read === work.reads[at])) {
      return
    }
    for (const read of work.reads) read.readers.delete(work)
    for (const read of reads) read.readers.add(work)
    work.reads = reads
  }
}

/** Tells those that read a value from outside when it is another now. */
function lookAt(source: Source): void {
  if (source.readers.size === 0) return
  const now = source.get()
  if (now === source.now) return
  source.now = now
  for (const reader of source.readers) {
    if (reader.state === 'sure') tellReaders(reader)
    reader.state = 'stale'
  }
}

const isWork = (value: Value): value is Work => 'state' in value

/** Whoever is unsure has told its readers already. */
function tellReaders({ readers }: Work): void {
  for (const reader of readers) {
    if (reader.state !== 'sure') continue
    reader.state = 'unsure'
    tellReaders(reader)
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
  const own = names.filter((name) => !(name in inner))
  for (const { name, get } of recorder.fieldsOf(own, current)) {
    Object.defineProperty(view, name, { get, enumerable: true })
  }
  return view
}
