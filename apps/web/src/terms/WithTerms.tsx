import Tooltip from '@mui/material/Tooltip'
import { stretchesOf, type Term } from './terms'
import styles from './terms.module.css'

/** How long an explanation stays after a finger has left, milliseconds. */
const STAYS_MS = 8_000

/** A text whose terms are explained when they are pointed at, focused or touched. */
export function WithTerms({ text }: { text: string }) {
  return stretchesOf(text).map(({ text: part, term }, index) =>
    term ? <TermWord key={index} text={part} term={term} /> : part,
  )
}

function TermWord({ text, term }: { text: string; term: Term }) {
  return (
    <Tooltip describeChild title={term.says} enterTouchDelay={0} leaveTouchDelay={STAYS_MS}>
      <button type="button" className={styles.term}>
        {text}
      </button>
    </Tooltip>
  )
}
