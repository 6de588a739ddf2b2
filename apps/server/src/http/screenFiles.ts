import { readFileSync } from 'node:fs'
import { join } from 'node:path'

/** What the build says of its files, by the source that each was made of. */
export type BuildManifest = Record<string, BuiltFile>

interface BuiltFile {
  file: string
  css?: string[]
  imports?: string[]
}

/** The source of the screen at each address. */
const SCREENS: readonly (readonly [address: RegExp, source: string])[] = [
  [/^\/designs\/[^/]+\/print$/, 'src/print/PrintScreen.tsx'],
  [/^\/designs\/[^/]+\/bench$/, 'src/bench/BenchScreen.tsx'],
  [/^\/designs\/[^/]+(\/[a-z]+)?$/, 'src/buildSheet/BuildSheet.tsx'],
  [/^\/parts(\/|$)/, 'src/parts/PartsScreen.tsx'],
]

/** What the build wrote about its files; null where there is no built application. */
export function readManifest(webFolder: string): BuildManifest | null {
  try {
    return JSON.parse(readFileSync(join(webFolder, 'manifest.json'), 'utf8')) as BuildManifest
  } catch {
    return null
  }
}

/**
 * The value of a Link header that names the files of the screen at an address, so that a browser fetches them with the
 * page and not only once the page's own script asks for them.
 *
 * @returns null for addresses without a screen of their own
 * Source: RFC 8288, and the link types preload and modulepreload of the HTML standard.
 */
export function screenFiles(manifest: BuildManifest, path: string): string | null {
  const source = SCREENS.find(([address]) => address.test(path))?.[1]
  if (source === undefined || !manifest[source]) return null
  const scripts = new Set<string>()
  const styles = new Set<string>()
  const waiting = [source]
  for (const name of waiting) {
    const built = manifest[name]
    if (!built || scripts.has(built.file)) continue
    scripts.add(built.file)
    for (const style of built.css ?? []) styles.add(style)
    waiting.push(...(built.imports ?? []))
  }
  return [
    ...[...scripts].map((file) => `</${file}>; rel=modulepreload`),
    ...[...styles].map((file) => `</${file}>; rel=preload; as=style; crossorigin`),
  ].join(', ')
}
