import { EVERYTHING_FORMAT, type TakenIn } from '@flint/contract'
import { type CataloguePart, type Design, newDesign } from '@flint/core/editing'
import { importFile, type ImportInto } from './importFile'

const fan = (slug: string): CataloguePart => ({
  slug,
  version: 1,
  sheet: {
    kind: 'fan',
    maker: 'Mine',
    model: slug,
    sizeMm: 120,
  } as CataloguePart['sheet'],
  price: null,
})

function into(): ImportInto & {
  designs: Design[]
  taken: CataloguePart[][]
  readings: ImportInto['readings']
  kept: [string, number][]
  files: [string, object][]
  prices: ImportInto['prices']
  seen: number[]
} {
  const kept: [string, number][] = []
  const files: [string, object][] = []
  const seen: number[] = []
  const designs: Design[] = []
  const taken: CataloguePart[][] = []
  return {
    designs,
    taken,
    kept,
    files,
    seen,
    prices: (some) => {
      seen.push(some.length)
      return Promise.resolve(some.some((one) => 'number' in one) ? 'A number was sent.' : null)
    },
    events: (id, some) => {
      kept.push([id, some.length])
      return Promise.resolve(null)
    },
    temperatures: (id, some) => {
      kept.push([id, some.length])
      return Promise.resolve(null)
    },
    collected: (id, one) => {
      files.push([id, one])
      return Promise.resolve(null)
    },
    readings: (id, some) => {
      kept.push([id, some.length])
      return Promise.resolve(null)
    },
    design: (design) => {
      if (design.name === 'Refused') return Promise.resolve('The disk is full.')
      designs.push(design)
      return Promise.resolve({ id: design.name })
    },
    parts: (parts) => {
      taken.push(parts)
      const refused = parts
        .filter(({ slug }) => slug === 'shipped')
        .map(({ slug }) => ({ slug, reason: 'shipped is the name of a shipped part.' }))
      return Promise.resolve({ taken: parts.length - refused.length, refused } satisfies TakenIn)
    },
  }
}
const file = (content: unknown, size?: number) => {
  const text = typeof content === 'string' ? content : JSON.stringify(content)
  return { name: 'a.json', size: size ?? text.length, text: () => Promise.resolve(text) }
}

test('one design', async () => {
  const there = into()
  expect(await importFile(file(newDesign('Loft')), there)).toBe('Imported Loft.')
  expect(there.designs.map(({ name }) => name)).toEqual(['Loft'])
})

test('a large design written with line breaks is read', async () => {
  expect(await importFile(file(newDesign('Large'), 2_490_000), into())).toBe('Imported Large.')
})

test('what is no design is told', async () => {
  expect(await importFile(file('no'), into())).toBe('a.json is not JSON.')
  expect(await importFile(file({ ...newDesign('x'), colour: 'red' }), into())).toBe(
    'a.json was not taken: colour is not a known field.',
  )
  expect(await importFile(file('', 200_000_001), into())).toContain('larger than 200 MB')
})

test('everything: parts in pieces before the designs; what is not taken is counted and the first told', async () => {
  const there = into()
  const parts = [...Array.from({ length: 501 }, (_, at) => fan(`mine-${at}`)), fan('shipped')]
  const designs = [newDesign('One'), { version: 99 }, newDesign('Refused'), newDesign('Two')]
  const everything = { format: EVERYTHING_FORMAT, version: 1, madeAt: '', parts, designs }
  expect(await importFile(file(everything), there)).toBe(
    'Imported 2 designs and 501 parts. 3 were not taken; the first: shipped is the name of a shipped part.',
  )
  expect(there.taken.map((one) => one.length)).toEqual([500, 2])
  expect(there.designs.map(({ name }) => name)).toEqual(['One', 'Two'])
})

test('readings go to their design, in pieces; those of a design that was not taken go with it', async () => {
  const there = into()
  const reading = { number: '7', takenAt: '2026-11-20T18:30:00.000Z', watts: 42 }
  const everything = {
    format: EVERYTHING_FORMAT,
    version: 1,
    madeAt: '',
    parts: [],
    designs: [newDesign('Refused'), newDesign('Loft')],
    readings: [
      { design: 0, readings: [reading] },
      { design: 1, readings: Array.from({ length: 1_001 }, () => reading) },
      { design: 'x', readings: 'none' },
    ],
    temperatures: [
      {
        design: 1,
        temperatures: [{ at: '2026-11-20T18:30:00.000Z', name: 'room', celsius: 21 }],
      },
    ],
  }
  expect(await importFile(file(everything), there)).toContain('Imported 1 design')
  expect(there.kept).toEqual([
    ['Loft', 1_000],
    ['Loft', 1],
    ['Loft', 1],
  ])
})

test('prices go out in pieces, without the number that they had', async () => {
  const there = into()
  const price = { number: '7', slug: 'a', seenOn: '2026-11-20', currency: 'EUR', unitMinor: 1 }
  const prices = Array.from({ length: 1_001 }, () => price)
  const said = await importFile(
    file({ format: 'flint-shelf/everything', version: 1, designs: [], parts: [], prices }),
    there,
  )
  expect(said).toBe('Imported 0 designs and 0 parts.')
  expect(there.seen).toEqual([1_000, 1])
})
