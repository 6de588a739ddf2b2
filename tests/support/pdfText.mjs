// The words of a PDF, page by page, on standard output. It runs by itself: its library wants no test runner around it.
import { readFileSync } from 'node:fs'
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'

const data = new Uint8Array(readFileSync(process.argv[2]))
const file = await getDocument({ data, verbosity: 0 }).promise
for (let page = 1; page <= file.numPages; page += 1) {
  const { items } = await (await file.getPage(page)).getTextContent()
  console.log(items.map(({ str }) => str).join(' '))
}
