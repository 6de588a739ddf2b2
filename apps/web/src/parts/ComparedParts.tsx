import type { StoredPart } from '@flint/contract'
import { isSaid, sourceWords, shownColumns, valueWords } from './sheetWords'
import styles from './parts.module.css'

/** Up to four parts of a kind side by side, what differs first. */
export function ComparedParts({
  parts,
  onLeave,
}: {
  parts: readonly StoredPart[]
  onLeave: (slug: string) => void
}) {
  const [first] = parts
  if (!first) return null
  const rows = shownColumns(first.sheet.kind)
    .filter((column) => parts.some((part) => isSaid(part, column)))
    .map((column) => {
      const values = parts.map((part) => valueWords(part, column))
      return { column, values, differs: new Set(values).size > 1 }
    })
  const differing = rows.filter(({ differs }) => differs)
  const same = rows.filter(({ differs }) => !differs)
  const body = (some: typeof rows, title: string) => (
    <tbody>
      <tr>
        <th colSpan={parts.length + 1} scope="rowgroup" className={styles.group}>
          {title}
        </th>
      </tr>
      {some.map(({ column, values }) => (
        <tr key={column.name}>
          <th scope="row" title={column.help || undefined}>
            {column.label}
          </th>
          {values.map((value, index) => {
            const part = parts[index]
            const source = part ? sourceWords(part, column) : ''
            return (
              <td key={part?.slug ?? index} className="figure">
                {value}
                {source !== '' && source !== "maker's sheet" && (
                  <span className={styles.source}>{source}</span>
                )}
              </td>
            )
          })}
        </tr>
      ))}
    </tbody>
  )
  return (
    <table className={styles.sheet} aria-label="Comparison">
      <thead>
        <tr>
          <td />
          {parts.map(({ slug, sheet }) => (
            <th key={slug} scope="col">
              {sheet.maker} {sheet.model}
              <button
                type="button"
                className="plain-button"
                aria-label={`Leave ${sheet.maker} ${sheet.model} out`}
                onClick={() => {
                  onLeave(slug)
                }}
              >
                leave out
              </button>
            </th>
          ))}
        </tr>
      </thead>
      {differing.length > 0 && body(differing, 'Different')}
      {same.length > 0 && body(same, 'The same')}
    </table>
  )
}
