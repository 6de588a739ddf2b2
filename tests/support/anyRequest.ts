import { gzipSync } from 'node:zlib'
import { newDesign } from '@flint/core/editing'
import fc from 'fast-check'

export interface AnyRequest {
  method: string
  path: string
  headers: Record<string, string>
  body: Buffer | null
}

const half = fc.constantFrom('\ud83d', '\udc96', 'a\ud83d')
const oddText = fc.oneof(
  fc.string({ unit: 'binary', maxLength: 40 }),
  fc.constantFrom('', '\0', 'a\0b', 'constructor', '__proto__', 'toString', '💾', '../..', "';--"),
  half,
)
const oddNumber = fc.oneof(
  fc.double(),
  fc.constantFrom(0, -0, 5e-324, 1e308, -1, 2 ** 31, 2 ** 53, 0.1),
)
const oddValue: fc.Arbitrary<unknown> = fc.oneof(
  oddText,
  oddNumber,
  fc.constantFrom(null, true, [], {}),
  fc.jsonValue({ maxDepth: 4 }),
)

/** Lists in lists, so many of them. */
const nested = (depth: number): unknown => {
  let value: unknown = 1
  for (let at = 0; at < depth; at += 1) value = at % 2 ? [value] : { a: value }
  return value
}

/** A sound design or part with one value in it, anywhere, changed for anything. */
const document = (sound: object): fc.Arbitrary<unknown> =>
  fc
    .tuple(fc.infiniteStream(fc.nat(20)), oddValue, fc.boolean(), oddText)
    .map(([steps, value, adds, name]) => {
      const copy = structuredClone(sound) as Record<string, unknown>
      let at = copy
      for (const step of steps) {
        const keys = Object.keys(at)
        // A list takes no new fields: its length is one that cannot be made anew. An empty one gets its first entry.
        const key = keys[step % Math.max(1, keys.length)] ?? (Array.isArray(at) ? '0' : name)
        const inner = Object.hasOwn(at, key) ? at[key] : undefined
        if (typeof inner === 'object' && inner !== null && step % 3 > 0) {
          at = inner as Record<string, unknown>
          continue
        }
        // A plain assignment to __proto__ would set no field.
        Object.defineProperty(at, adds && !Array.isArray(at) ? name : key, {
          value,
          enumerable: true,
          configurable: true,
          writable: true,
        })
        break
      }
      return copy
    })

const sheet = {
  kind: 'memory',
  maker: 'Nobody',
  model: 'Row 16',
  price: null,
  weightGrams: null,
  sources: {},
}
const anyDocument = fc.oneof(
  document(newDesign('Any')),
  fc.constantFrom(5, 31, 33, 4_000).map(nested),
  oddValue,
)
const anyBody: fc.Arbitrary<unknown> = fc.oneof(
  fc.record({ document: anyDocument }),
  fc.record({ document: anyDocument, basedOnRevision: oddNumber }),
  fc.record({ basedOnRevision: fc.constant(1), document: fc.constant(newDesign('Any')) }),
  fc.record({ sheet: document(sheet) }),
  fc.record({
    parts: fc.array(
      fc.record({
        slug: fc.constantFrom('one', 'two', '../x', ''),
        version: fc.constantFrom(1, 0, 2),
        sheet: document(sheet),
      }),
      { maxLength: 4 },
    ),
  }),
  fc.record({ ownedPieces: oddNumber }),
  fc.record({ label: fc.oneof(oddText, oddValue) }),
  fc.record({ days: oddNumber }),
  fc.record({ accountId: oddValue, may: oddValue }),
  fc.record({ name: oddText, password: oddText, code: oddText }),
  fc.dictionary(oddText, oddValue, { maxKeys: 5 }),
  oddValue,
)

/** As it goes over the wire: JSON, half of it, or no JSON at all. */
const anyBytes = anyBody.chain((body) =>
  fc.oneof(
    { weight: 6, arbitrary: fc.constant(Buffer.from(JSON.stringify(body))) },
    { weight: 1, arbitrary: fc.constant(Buffer.from(JSON.stringify(body).slice(0, -1))) },
    { weight: 1, arbitrary: fc.constant(gzipSync(JSON.stringify(body))) },
    { weight: 1, arbitrary: fc.uint8Array({ maxLength: 60 }).map((bytes) => Buffer.from(bytes)) },
  ),
)

const header = (name: string, ...values: string[]): fc.Arbitrary<Record<string, string>> =>
  fc.constantFrom(...values).map((value) => ({ [name]: value }))

const anyHeaders = fc
  .array(
    fc.oneof(
      header('content-type', 'text/plain', 'application/json; charset=latin1', 'x', 'a/b;;;'),
      header('content-encoding', 'gzip', 'br', 'deflate', 'compress', 'zip', ''),
      header('range', 'bytes=0-1', 'bytes=999999999-', 'bytes=9-1', 'x=1'),
      header('if-match', '"x"', '*', 'W/"x"'),
      header('if-none-match', '*', '"x'),
      header('if-unmodified-since', 'Thu, 01 Jan 1970 00:00:00 GMT', 'yesterday'),
      header('accept', 'image/png', '*/*;q=x', ''),
      header('host', 'elsewhere.example', '127.0.0.1:1', '[::1]', ''),
      header('origin', 'https://elsewhere.example', 'null'),
    ),
    { maxLength: 2 },
  )
  .map(
    (all) =>
      Object.assign({ 'content-type': 'application/json' }, ...all) as Record<string, string>,
  )

/** @param ids of designs that are there */
export function anyRequest(ids: readonly string[]): fc.Arbitrary<AnyRequest> {
  const oddStep = fc.oneof(
    fc.constantFrom('%', '%00', '%E0%A4%A', '%2e%2e', '..', '0', '-1', '1e9', 'x'.repeat(3_000)),
    oddText.filter((text) => !/\p{Surrogate}/u.test(text)).map(encodeURIComponent),
    fc.constantFrom(...ids),
  )
  const path = fc.oneof(
    fc.constantFrom('/api/designs', '/api/parts', '/api/parts/take-in', '/api/health', '/api'),
    oddStep.map((id) => `/api/designs/${id}`),
    fc.tuple(oddStep, oddStep).map(([id, revision]) => `/api/designs/${id}/revisions/${revision}`),
    oddStep.map((id) => `/api/designs/${id}/revisions`),
    oddStep.map((id) => `/api/designs/${id}/return`),
    oddStep.map((slug) => `/api/parts/${slug}`),
    oddStep.map((slug) => `/api/parts/${slug}/owned`),
    oddStep.map((step) => `/assets/${step}`),
    oddStep.map((step) => `/${step}`),
    oddStep.map((step) => `/api/designs?${step}=${step}`),
    fc
      .tuple(
        fc.constantFrom('find', 'order', 'page', 'before', 'after', 'x', 'find[]', 'find[a]'),
        fc.oneof(oddStep, fc.constantFrom('1', '0', '-1', '1.5', '1e12', 'name', '%25', '')),
        fc.constantFrom(
          '/api/designs',
          '/api/parts',
          '/api/changes',
          '/api/removed-designs',
          ...ids.map((id) => `/api/designs/${id}/revisions`),
          ...ids.map((id) => `/api/designs/${id}/changes`),
        ),
      )
      .map(([field, value, at]) => `${at}?${field}=${value}`),
    fc
      .tuple(
        fc.oneof(oddStep, fc.constantFrom(...ids)),
        fc.constantFrom(
          'copy',
          'document',
          'sharing',
          'links',
          'set-aside',
          'changes',
          'revisions/1/name',
        ),
      )
      .map(([id, what]) => `/api/designs/${id}/${what}`),
    fc
      .tuple(
        fc.constantFrom('removed-parts', 'removed-designs', 'accounts', 'account/tokens', 'parts'),
        oddStep,
        fc.constantFrom('', '/return', '/uses', '/owned'),
      )
      .map(([what, name, end]) => `/api/${what}/${name}${end}`),
    fc.constantFrom(
      '/api/session',
      '/api/accounts',
      '/api/accounts/first',
      '/api/account/password',
    ),
  )
  const method = fc.constantFrom('GET', 'HEAD', 'POST', 'PUT', 'DELETE', 'PATCH', 'OPTIONS')
  return fc
    .record({ method, path, headers: anyHeaders, body: fc.option(anyBytes, { freq: 3 }) })
    .map((request) => ({
      ...request,
      body: ['GET', 'HEAD'].includes(request.method) ? null : request.body,
    }))
}
