import { useState } from 'react'
import { plainDate } from '../controls/plainDate'
import { PlainFront } from '../drawing/PlainFront'
import { PlanCables } from '../drawing/PlanCables'
import { planTitle } from '../drawing/planTitle'
import { RearView } from '../drawing/RearView'
import { PlanView } from '../drawing/PlanView'
import { ledgerFigures } from '../ledger/figures'
import { doneWords } from '../sheet/doneWords'
import {
  selectDesign,
  selectEvaluation,
  selectFindings,
  selectLimits,
  selectMachine,
  selectNotGiven,
  selectRevision,
} from '../sheet/selectors'
import { StillToChooseWords } from './StillToChooseWords'
import { useAppSelector } from '../store/hooks'
import { PrintedCables } from './PrintedCables'
import { PrintedDrives } from './PrintedDrives'
import { PrintedParts } from './PrintedParts'
import styles from './print.module.css'

/** As wide as a page of A4 allows, in CSS pixels. */
const DRAWING_PX = 660

/** Drawing, figures, limits, findings, part list, drives and cables of a design, one after the other. */
export function PrintedDesign() {
  const design = useAppSelector(selectDesign)
  const evaluation = useAppSelector(selectEvaluation)
  const machine = useAppSelector(selectMachine)
  const limits = useAppSelector(selectLimits)
  const findings = useAppSelector(selectFindings)
  const notGiven = useAppSelector(selectNotGiven)
  const revision = useAppSelector(selectRevision)
  const { stillToChoose, isDone } = evaluation
  const [printedOn] = useState(() => new Date())
  return (
    <>
      <header className={styles.head}>
        <h1>{design.name}</h1>
        <p className="soft">
          Revision {revision}, printed {plainDate(printedOn)}
        </p>
        {design.notes && <p>{design.notes}</p>}
      </header>
      <section aria-label="Figures">
        <dl className={styles.figures}>
          {ledgerFigures.map((figure) => {
            const { value, unit } = figure.value(evaluation)
            return (
              <div key={figure.id}>
                <dt>{figure.title}</dt>
                <dd>
                  <span className="figure">
                    {value} {unit}
                  </span>
                  <span className="soft">{figure.below(design, evaluation)}</span>
                </dd>
              </div>
            )
          })}
        </dl>
        {stillToChoose.length === 0 ? (
          <p>{doneWords(isDone, findings, limits)}</p>
        ) : (
          <StillToChooseWords choices={stillToChoose} />
        )}
      </section>
      <section aria-label="Drawing">
        <h2>{planTitle(machine)}</h2>
        <PlanView
          machine={machine}
          design={design}
          widthPx={DRAWING_PX}
          pointedPartIds={[]}
          overlay={(pxPerMm) => <PlanCables machine={machine} pxPerMm={pxPerMm} />}
        />
        <div className={styles.beside}>
          <PlainFront machine={machine} pointedPartIds={[]} />
          <RearView machine={machine} pointedPartIds={[]} />
        </div>
      </section>
      {limits.length > 0 && (
        <section aria-label="Limits">
          <h2>Limits of the brief</h2>
          <table className="lined">
            <tbody>
              {limits.map(({ id, title, status, wanted, has }) => (
                <tr key={id}>
                  <th scope="row">{title}</th>
                  <td>{wanted}</td>
                  <td>{has}</td>
                  <td>{status === 'kept' ? '✓ kept' : `△ ${status}`}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      )}
      <section aria-label="Findings">
        <h2>To look at</h2>
        {findings.length === 0 && <p>No rule has anything to say about this design.</p>}
        <ul className={styles.findings}>
          {findings.map(({ code, severity, sentence, partIds, groupIds }) => (
            <li key={`${code} ${partIds.join()} ${groupIds.join()}`}>
              <strong>{severity}</strong> {sentence}
            </li>
          ))}
        </ul>
        {notGiven.length > 0 && (
          <p className="soft">
            Not given: {notGiven.map(({ name, fields }) => `${name}: ${fields}`).join('; ')}.
          </p>
        )}
      </section>
      <PrintedParts />
      <PrintedDrives />
      <PrintedCables />
    </>
  )
}
