import { createRequire } from 'node:module'
import pdfmake from 'pdfmake'
import type { TFontDictionary } from 'pdfmake/interfaces'
import { labelsDocument } from './labelsDocument'
import { partListDocument } from './partListDocument'
import type { PrintJob } from './printJob'

/** The package brings its typeface as files beside its own. */
const fonts = createRequire(import.meta.url)('pdfmake/fonts/Roboto.js') as TFontDictionary

/** What of a design is wanted on paper, as PDF. Nothing is fetched for it, and no file is read but its typeface. */
export async function printPdf({ design, locale, what }: PrintJob): Promise<Uint8Array> {
  pdfmake.setFonts(fonts)
  pdfmake.setUrlAccessPolicy(() => false)
  const files = new Set<unknown>(
    Object.values(fonts).flatMap((font) => Object.values(font) as unknown[]),
  )
  pdfmake.setLocalAccessPolicy((path) => files.has(path))
  const document = what === 'labels' ? labelsDocument(design) : partListDocument(design, locale)
  return pdfmake.createPdf(document).getBuffer()
}
