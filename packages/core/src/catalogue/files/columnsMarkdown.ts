import { kindWords } from '../kindWords'
import { partColumns } from '../partColumns'
import type { SheetColumn } from '../sheetColumns'

const INTRODUCTION = `# Columns of part files

Written by \`npm run schema\` from \`packages/core/src/catalogue/kinds\`; do not edit.

A file holds parts of one kind, a line each, with the names of the columns in the first line (RFC 4180; a
semicolon or a tab between cells is read too). An empty cell is a value that nobody knows: rules that need
it say so. Numbers have a point. Lists stand in one cell, parted by semicolons; \`[]\` is a list with nothing
in it. Tables stand in one cell as JSON, in the form of \`design.schema.json\`. Prices and shipping are in the
smallest unit of the currency: cents, for euros.

Every file also has these columns:

| Column        | What it is |
| ------------- | ---------- |
| \`kind\`        | The kind of part, the same in every line |
| \`slug\`        | The name it is kept under; made from maker and model when empty |
| \`version\`     | Counts up with every change; 1 when empty |
| \`ownedPieces\` | Pieces of it that lie in the house |
| \`sources\`     | For values not from the maker's sheet, where they are from: \`idleWatts=measured; heightMm=assumed\` |
`

/** The columns of every kind's file, described for people, as Markdown. */
export function columnsMarkdown(): string {
  const chapters = kindWords.map(({ kind, one }) =>
    [
      `## ${kind}: one ${one} a line`,
      '',
      '| Column | What it is | Written as | May be empty |',
      '| --- | --- | --- | --- |',
      ...partColumns(kind).map(
        (column) =>
          `| \`${column.name}\` | ${wordsOf(column)} | ${formOf(column)} | ${column.optional ? 'yes' : 'no'} |`,
      ),
      '',
    ].join('\n'),
  )
  return `${INTRODUCTION}\n${chapters.join('\n')}`
}

function wordsOf({ label, unit, help }: SheetColumn): string {
  const name = unit ? `${label}, ${unit}` : label
  return help ? `${name}. ${help}` : name
}

function formOf({ type, choices }: SheetColumn): string {
  if (choices.length === 0) return type
  const values = choices.map((choice) => `\`${choice}\``).join(', ')
  return type === 'list' ? `list of ${values}` : values
}
