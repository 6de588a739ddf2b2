import { sameValue } from '@flint/core/editing'
import { upperFirst } from '@flint/core/figures'
import { memo } from 'react'
import { useNavigate } from 'react-router'
import { selectFindings, selectPointedFinding, type ShownFinding } from '../sheet/selectors'
import { findingPointed } from '../store/sheetSlice'
import { useEdit, usePreview } from '../sheet/useEdit'
import { useAppDispatch, useAppSelector } from '../store/hooks'
import { SeverityShape } from '../controls/SeverityShape'
import { TermList } from '../terms/TermList'
import { termsIn } from '../terms/terms'
import { NotGiven } from './NotGiven'
import styles from './tray.module.css'

/** What was found, the worst first. Choosing one brings its lens and lights the parts. */
export const Findings = memo(function Findings() {
  const findings = useAppSelector(selectFindings)
  return (
    <section className={styles.section}>
      <h2 id="findings" tabIndex={-1}>
        {findings.length === 0
          ? 'Nothing to look at'
          : findings.length === 1
            ? 'One thing to look at'
            : `${findings.length} things to look at`}
      </h2>
      {findings.length === 0 && (
        <p className="soft">No rule has anything to say about this design.</p>
      )}
      <ul className={styles.list}>
        {findings.map((finding) => (
          <FindingEntry
            key={`${finding.code} ${finding.groupIds.join()} ${finding.partIds.join()}`}
            finding={finding}
          />
        ))}
      </ul>
      <NotGiven />
    </section>
  )
})

/** Worded anew with every design, so it is compared by what it says. */
const FindingEntry = memo(function FindingEntry({ finding }: { finding: ShownFinding }) {
  const { code, severity, sentence, houseRule, fix, fixLabel, step, partIds } = finding
  const dispatch = useAppDispatch()
  const navigate = useNavigate()
  const edit = useEdit()
  const previewOf = usePreview()
  const pointed = useAppSelector((state) => selectPointedFinding(state)?.code === code)
  return (
    <li
      className={pointed ? `${styles.finding} ${styles.pointedFinding}` : styles.finding}
      data-finding={code}
    >
      <SeverityShape severity={severity} />
      <button
        type="button"
        className={styles.findingButton}
        aria-pressed={pointed}
        onClick={() => {
          dispatch(findingPointed(pointed ? null : { code, partIds: [...partIds] }))
          void navigate(`../${step}`, { relative: 'path' })
        }}
      >
        {sentence}
      </button>
      {pointed && <TermList terms={termsIn(sentence)} />}
      {houseRule && <p className="soft">{houseRule}</p>}
      {fix && (
        <button
          type="button"
          className={`plain-button ${styles.fix ?? ''}`}
          {...previewOf(fix)}
          onClick={() => {
            edit(fix)
          }}
        >
          {fixLabel && upperFirst(fixLabel)}
        </button>
      )}
    </li>
  )
}, sameValue)
