import { createRequire } from 'node:module'
import type { Design } from '@flint/core/editing'
import pdfmake from 'pdfmake'
import type { TFontDictionary } from 'pdfmake/interfaces'
import { partListDocument } from './partListDocument'

/** The package brings its typeface as files beside its own. */
const fonts = createRequire(import.meta.url)('pdfmake/fonts/Roboto.js') as TFontDictionary

/** The part list of a design as PDF. Nothing is fetched for it, and no file is read but its typeface. */
export async function printPartList(design: Design, locale: string): Promise<Uint8Array> {
  pdfmake.setFonts(fonts)
  pdfmake.setUrlAccessPolicy(() => false)
  const files = new Set<unknown>(
    Object.values(fonts).flatMap((font) => Object.values(font) as unknown[]),
  )
  pdfmake.setLocalAccessPolicy((path) => files.has(path))
  return pdfmake.createPdf(partListDocument(design, locale)).getBuffer()
}
