// Writes each file of the built web application once more, compressed, so that the server need not do it at every request.
import { readdir, readFile, writeFile } from 'node:fs/promises'
import { extname, join } from 'node:path'
import { promisify } from 'node:util'
import zlib from 'node:zlib'

const WEB = 'dist/web'
/** Fonts and pictures are compressed by themselves. */
const KINDS = new Set(['.js', '.css', '.svg', '.html'])
/** A smaller file fits into one packet anyway. */
const SMALLEST_BYTES = 1_000

const brotli = promisify(zlib.brotliCompress)
const gzip = promisify(zlib.gzip)

for (const entry of await readdir(WEB, { recursive: true, withFileTypes: true })) {
  const path = join(entry.parentPath, entry.name)
  if (!entry.isFile() || !KINDS.has(extname(path))) continue
  const content = await readFile(path)
  if (content.length < SMALLEST_BYTES) continue
  await writeFile(`${path}.br`, await brotli(content))
  await writeFile(`${path}.gz`, await gzip(content, { level: 9 }))
}
