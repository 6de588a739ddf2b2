import type { Design } from '@flint/core/editing'
import { type Label, labels, resolveMachine } from '@flint/core/figures'
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces'

/** A common sheet of labels: three across and eight down on A4, 70 by 37 mm each, in points. */
const ACROSS = 3
const WIDE = 198.4
const HIGH = 104.8

/** Labels for drives, cables and leads, to print on sheets of 24. */
export function labelsDocument(design: Design): TDocumentDefinitions {
  const all = labels(design, resolveMachine(design))
  const rows = Array.from({ length: Math.ceil(all.length / ACROSS) }, (_, row) =>
    Array.from({ length: ACROSS }, (__, column) => cell(all[row * ACROSS + column])),
  )
  return {
    info: { title: `${design.name}: labels` },
    pageSize: 'A4',
    pageMargins: [0, 1, 0, 0],
    defaultStyle: { fontSize: 10 },
    content:
      rows.length === 0
        ? [{ text: 'There is nothing to label yet.', margin: [40, 40, 40, 0] }]
        : [
            {
              layout: 'noBorders',
              table: {
                widths: Array.from({ length: ACROSS }, () => WIDE - 8),
                heights: HIGH - 4,
                dontBreakRows: true,
                body: rows,
              },
            },
          ],
  }
}

function cell(label: Label | undefined): Content {
  if (!label) return ''
  return {
    margin: [12, 14, 6, 0],
    stack: [
      { text: label.title, fontSize: 18, bold: true },
      ...label.lines.map((text) => ({
        text,
        margin: [0, 2, 0, 0] as [number, number, number, number],
      })),
    ],
  }
}
