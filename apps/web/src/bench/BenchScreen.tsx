import { againstPlan, resolveMachine, statePowers, wordsFor } from '@flint/core/figures'
import type { Design } from '@flint/core/editing'
import { useMemo } from 'react'
import { Link, useParams } from 'react-router'
import { useDesignQuery } from '../api/api'
import { problemSentence } from '../api/problemOf'
import { format } from '../controls/locale'
import { PageTitle } from '../controls/PageTitle'
import { KeptReadings } from '../lenses/power/KeptReadings'
import { Protocol } from '../lenses/power/Protocol'
import { ReadingForm } from '../lenses/power/ReadingForm'
import { readingWords } from '../lenses/power/readingWords'
import { useKeepReading } from '../lenses/power/useKeepReading'
import styles from './bench.module.css'

/** A page for the phone at the bench: a reading in a few taps, and the last ones below. */
export function BenchScreen() {
  const { designId = '' } = useParams()
  const { data, error } = useDesignQuery(designId)
  if (error) return <p role="alert">{problemSentence(error)}</p>
  if (!data) return <p className="soft">Opening …</p>
  return <Bench designId={designId} design={data.document} mayChange={data.right !== 'look'} />
}

interface BenchProps {
  designId: string
  design: Design
  mayChange: boolean
}

function Bench({ designId, design, mayChange }: BenchProps) {
  const { draft, setDraft, keep, canKeep, error, kept } = useKeepReading(designId)
  const powerIn = useMemo(() => statePowers(design, resolveMachine(design)), [design])
  const words = useMemo(() => wordsFor(design, format), [design])
  const { watts } = draft
  const expected = powerIn(draft.state ?? 'spinning').wall

  return (
    <div className={styles.page}>
      <PageTitle parts={['At the bench', design.name]} />
      <header>
        <h1>{design.name}</h1>
        <Link to={`/designs/${designId}/power`}>To the build sheet</Link>
      </header>
      <main>
        <section aria-label="A reading">
          <h2>A reading</h2>
          <div className={styles.form}>
            <ReadingForm draft={draft} onChange={setDraft} />
          </div>
          <button
            type="button"
            className={styles.keep}
            disabled={!canKeep || !mayChange}
            onClick={() => void keep()}
          >
            Keep this reading
          </button>
          <div role="status">
            {!mayChange && (
              <p>You may look at this design; readings are kept by who may change it.</p>
            )}
            {error && <p>{problemSentence(error)}</p>}
            {watts !== null && expected && <p>{readingWords(againstPlan(watts, expected))}</p>}
            {watts === null && kept && <p>Kept.</p>}
          </div>
          <Protocol />
        </section>
        <section aria-label="Kept">
          <h2>Kept</h2>
          <KeptReadings designId={designId} powerIn={powerIn} nameOf={words.piece} />
        </section>
      </main>
    </div>
  )
}
