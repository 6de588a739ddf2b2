import { againstPlan, differenceCauses, piecesOf, type PowerIn } from '@flint/core/figures'
import { problemSentence } from '../../api/problemOf'
import { selectDesignId, selectEvaluation, selectMachine } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { Causes } from './Causes'
import { Protocol } from './Protocol'
import { ReadingForm } from './ReadingForm'
import { readingWords } from './readingWords'
import { useKeepReading } from './useKeepReading'

/** One figure of a meter, against the plan of the same state, what may explain a difference, and a way to keep it. */
export function BenchReading({ powerIn }: { powerIn: PowerIn }) {
  const designId = useAppSelector(selectDesignId)
  const machine = useAppSelector(selectMachine)
  const { power } = useAppSelector(selectEvaluation)
  const { draft, setDraft, keep, canKeep, error } = useKeepReading(designId)
  const { watts } = draft
  const state = draft.state ?? 'spinning'
  const expected = powerIn(state).wall
  const reading = watts !== null && expected ? againstPlan(watts, expected) : null
  const [supply] = piecesOf(machine, 'supply')
  const differs = reading?.stands === 'above' || reading?.stands === 'below'

  return (
    <>
      <ReadingForm draft={draft} onChange={setDraft} />
      <button
        type="button"
        className="plain-button"
        disabled={!canKeep}
        onClick={() => void keep()}
      >
        Keep this reading
      </button>
      <div role="status">
        {error && <p>{problemSentence(error)}</p>}
        {watts !== null && !expected && (
          <p>Without a supply there is no plan to hold it against.</p>
        )}
        {reading && <p>{readingWords(reading)}</p>}
        {differs && (
          <Causes
            causes={differenceCauses(
              power,
              reading.stands === 'above',
              state === 'asleep',
              supply ? power.dc.likely / supply.dataSheet.ratedWatts : null,
            )}
          />
        )}
      </div>
      <Protocol />
    </>
  )
}
