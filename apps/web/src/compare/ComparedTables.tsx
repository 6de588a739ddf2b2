import type { Design } from '@flint/core/editing'
import type { DesignComparison } from '@flint/core/figures'
import { comparisonToCsv } from '@flint/core/files'
import { lazy, Suspense } from 'react'
import { format } from '../controls/locale'
import { SeverityShape } from '../controls/SeverityShape'
import { saveFile } from '../controls/saveFile'
import { amountWords } from './amountWords'
import styles from './compare.module.css'

/** The chart library is large, and the rest of the page needs none of it. */
const YearLines = lazy(() => import('./YearLines'))

interface ComparedTablesProps {
  designs: readonly Design[]
  comparison: DesignComparison
}

/** Figures, parts and findings side by side; what is different is marked and comes first. */
export function ComparedTables({ designs, comparison }: ComparedTablesProps) {
  const { figures, parts, findings, spentByYear, energyByYear } = comparison
  const currencies = new Set(designs.map(({ brief }) => brief.currency))
  const [currency] = currencies
  const names = designs.map(({ name }) => name)
  const different = parts.filter(({ differs }) => differs)
  const alike = parts.filter(({ differs }) => !differs)
  const head = (
    <thead>
      <tr>
        <td />
        {names.map((name, index) => (
          <th key={index} scope="col">
            {name}
          </th>
        ))}
      </tr>
    </thead>
  )
  return (
    <>
      <p className={styles.actions}>
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            saveFile('comparison.csv', 'text/csv', comparisonToCsv(names, comparison))
          }}
        >
          Save as CSV
        </button>
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            window.print()
          }}
        >
          Print
        </button>
      </p>
      <div className={styles.besides}>
        <section aria-label="Figures">
          <h2>Figures</h2>
          <table className="lined">
            {head}
            <tbody>
              {figures.map(({ figure, values, differs }) => (
                <tr key={figure} className={differs ? styles.differs : undefined}>
                  <th scope="row">
                    {differs && <span aria-label="different">≠ </span>}
                    {figure}
                  </th>
                  {values.map((value, index) => (
                    <td key={index}>
                      {amountWords(value, designs[index]?.brief.currency ?? 'EUR')}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </section>
        {currencies.size === 1 && currency !== undefined && (
          <section aria-label="Money by year">
            <h2>What each has cost, year by year</h2>
            <div className={styles.chart}>
              <Suspense fallback={<p className="soft">The chart is on its way …</p>}>
                <YearLines
                  names={names}
                  byYear={spentByYear}
                  write={(minor) => format.roundMoney(minor, currency)}
                />
              </Suspense>
            </div>
          </section>
        )}
      </div>
      <div className={styles.besides}>
        {energyByYear.some((years) => years.length > 0) && (
          <section aria-label="Power by year">
            <h2>What each has drawn, year by year</h2>
            <div className={styles.chart}>
              <Suspense fallback={<p className="soft">The chart is on its way …</p>}>
                <YearLines
                  names={names}
                  byYear={energyByYear}
                  write={(kilowattHours) => `${format.number(kilowattHours)} kWh`}
                />
              </Suspense>
            </div>
          </section>
        )}
        <section aria-label="Parts">
          <h2>Parts</h2>
          {different.length === 0 ? (
            <p className="soft">All have the same parts.</p>
          ) : (
            <table className="lined">
              {head}
              <tbody>
                {different.map(({ name, counts }) => (
                  <tr key={name} className={styles.differs}>
                    <th scope="row">{name}</th>
                    {counts.map((count, index) => (
                      <td key={index}>{count === 0 ? '–' : count}</td>
                    ))}
                  </tr>
                ))}
              </tbody>
            </table>
          )}
          {alike.length > 0 && (
            <details>
              <summary>{alike.length} more that all have alike</summary>
              <ul>
                {alike.map(({ name, counts }) => (
                  <li key={name}>
                    {counts[0]} × {name}
                  </li>
                ))}
              </ul>
            </details>
          )}
        </section>
        <section aria-label="Findings">
          <h2>Found in some of them</h2>
          {findings.length === 0 ? (
            <p className="soft">The same is found in all.</p>
          ) : (
            <table className="lined">
              {head}
              <tbody>
                {findings.map(({ sentence, severity, isIn }) => (
                  <tr key={sentence}>
                    <th scope="row" className={styles.sentence}>
                      <SeverityShape severity={severity} /> {sentence}
                    </th>
                    {isIn.map((there, index) => (
                      <td key={index}>{there ? 'yes' : 'no'}</td>
                    ))}
                  </tr>
                ))}
              </tbody>
            </table>
          )}
        </section>
      </div>
    </>
  )
}
