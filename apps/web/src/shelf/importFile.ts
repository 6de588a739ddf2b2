import {
  EVERYTHING_FORMAT,
  PARTS_PER_REQUEST,
  PRICES_PER_REQUEST,
  READINGS_PER_REQUEST,
  EVENTS_PER_REQUEST,
  TEMPERATURES_PER_REQUEST,
  type SendEvent,
  type SendPrice,
  type SendReading,
  type SendTemperature,
  type TakenIn,
} from '@flint/contract'
import { type CataloguePart, type Design, keptPart, parseDesign } from '@flint/core/editing'
import { format } from '../controls/locale'

/** What is done with what a file holds; each says what was wrong, or nothing. */
export interface ImportInto {
  /** The id that it was given. */
  design: (design: Design) => Promise<{ id: string } | string>
  readings: (designId: string, readings: SendReading[]) => Promise<string | null>
  events: (designId: string, events: SendEvent[]) => Promise<string | null>
  temperatures: (designId: string, temperatures: SendTemperature[]) => Promise<string | null>
  collected: (designId: string, file: object) => Promise<string | null>
  parts: (parts: CataloguePart[]) => Promise<TakenIn | string>
  prices: (prices: SendPrice[]) => Promise<string | null>
}

/** A design has 2 MB at most, as the server takes it; written with line breaks it may have more. */
const MOST_BYTES = 200_000_000

/**
 * Reads a file with a design, or with everything that somebody had, and puts it on the shelf.
 * @returns what came of it, one or two sentences
 */
export async function importFile(
  file: Pick<File, 'name' | 'size' | 'text'>,
  into: ImportInto,
): Promise<string> {
  if (file.size > MOST_BYTES) return `${file.name} is larger than 200 MB, the most that is read.`
  let raw: unknown
  try {
    raw = JSON.parse(await file.text())
  } catch {
    return `${file.name} is not JSON.`
  }
  if (isEverything(raw)) return importEverything(raw, into)
  const parsed = parseDesign(raw)
  if (!('design' in parsed)) {
    return `${file.name} was not taken: ${parsed.problems[0]?.sentence ?? 'it is no design.'}`
  }
  const made = await into.design(parsed.design)
  return typeof made === 'string' ? made : `Imported ${parsed.design.name}.`
}

interface ReadEverything {
  designs: readonly unknown[]
  parts: readonly unknown[]
  readings?: unknown
  events?: unknown
  temperatures?: unknown
  collected?: unknown
  prices?: unknown
}

function isEverything(raw: unknown): raw is ReadEverything {
  const { format: said, designs, parts } = (raw ?? {}) as Record<string, unknown>
  return said === EVERYTHING_FORMAT && Array.isArray(designs) && Array.isArray(parts)
}

async function importEverything(
  { designs, parts, readings, events, temperatures, collected, prices }: ReadEverything,
  into: ImportInto,
): Promise<string> {
  const problems: string[] = []
  let [takenDesigns, takenParts] = [0, 0]
  const readable = parts.flatMap((part) => {
    const read = keptPart.safeParse(part)
    if (!read.success) problems.push('A part cannot be read.')
    return read.success ? [read.data] : []
  })
  for (let at = 0; at < readable.length; at += PARTS_PER_REQUEST) {
    const outcome = await into.parts(readable.slice(at, at + PARTS_PER_REQUEST))
    if (typeof outcome === 'string') problems.push(outcome)
    else {
      takenParts += outcome.taken
      problems.push(...outcome.refused.map(({ reason }) => reason))
    }
  }
  const idOf = new Map<number, string>()
  for (const [at, one] of designs.entries()) {
    const parsed = parseDesign(one)
    const made =
      'design' in parsed
        ? await into.design(parsed.design)
        : (parsed.problems[0]?.sentence ?? 'A design cannot be read.')
    if (typeof made === 'string') {
      problems.push(made)
      continue
    }
    takenDesigns += 1
    idOf.set(at, made.id)
  }
  const alongWith = async <Sent>(
    lists: readonly DesignList<Sent>[],
    atOnce: number,
    send: (designId: string, some: Sent[]) => Promise<string | null>,
  ): Promise<void> => {
    for (const { design, entries } of lists) {
      const id = idOf.get(design)
      if (id === undefined) continue
      for (let at = 0; at < entries.length; at += atOnce) {
        const problem = await send(id, entries.slice(at, at + atOnce))
        if (problem !== null) problems.push(problem)
      }
    }
  }
  await alongWith(listsOf<SendReading>(readings, 'readings'), READINGS_PER_REQUEST, into.readings)
  await alongWith(listsOf<SendEvent>(events, 'events'), EVENTS_PER_REQUEST, into.events)
  await alongWith(
    listsOf<SendTemperature>(temperatures, 'temperatures'),
    TEMPERATURES_PER_REQUEST,
    into.temperatures,
  )
  for (const raw of Array.isArray(collected) ? (collected as unknown[]) : []) {
    const { design, file } = (raw ?? {}) as { design?: unknown; file?: unknown }
    const id = typeof design === 'number' ? idOf.get(design) : undefined
    if (id === undefined || typeof file !== 'object' || file === null) continue
    const problem = await into.collected(id, file)
    if (problem !== null) problems.push(problem)
  }
  const seen = Array.isArray(prices) ? (prices.map(withoutNumber) as SendPrice[]) : []
  for (let at = 0; at < seen.length; at += PRICES_PER_REQUEST) {
    const problem = await into.prices(seen.slice(at, at + PRICES_PER_REQUEST))
    if (problem !== null) problems.push(problem)
  }
  const taken = `Imported ${format.counted(takenDesigns, 'design')} and ${format.counted(takenParts, 'part')}.`
  const [first] = problems
  if (first === undefined) return taken
  return `${taken} ${format.counted(problems.length, 'was', 'were')} not taken; the first: ${first}`
}

interface DesignList<Sent> {
  /** The place of the design in the file. */
  design: number
  entries: Sent[]
}

/** What belongs to designs as it is sent; what it is worth is for the server to say. */
function listsOf<Sent>(raw: unknown, field: string): DesignList<Sent>[] {
  if (!Array.isArray(raw)) return []
  return raw.flatMap((entry: unknown) => {
    const { design, [field]: list } = (entry ?? {}) as Record<string, unknown>
    if (typeof design !== 'number' || !Array.isArray(list)) return []
    return [{ design, entries: list.map(withoutNumber) as Sent[] }]
  })
}

/** What is kept gets a number of its own where it is kept; what else it is worth is for the server to say. */
const withoutNumber = (raw: unknown): unknown =>
  Object.fromEntries(Object.entries(raw ?? {}).filter(([field]) => field !== 'number'))
