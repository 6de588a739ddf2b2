import { READINGS_PER_REQUEST } from '@flint/contract'
import { cutText } from '@flint/core/drawing'
import type { PowerIn } from '@flint/core/figures'
import type { Remote } from 'comlink'
import { useCallback, useState } from 'react'
import { FileButton } from '../../controls/FileButton'
import { useSendReadingsMutation } from '../../api/api'
import { problemSentence } from '../../api/problemOf'
import { format } from '../../controls/locale'
import { selectDesign, selectDesignId, selectWords } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { useWorkerAnswer } from '../../workers/useWorkerAnswer'
import { Link } from 'react-router'
import { BenchReading } from './BenchReading'
import { Causes } from './Causes'
import { KeptReadings } from './KeptReadings'
import { MeterPanel } from './MeterPanel'
import { PullTestForm } from './PullTestForm'
import type { SeriesReader } from './readingsWorker'
import { SeriesTable } from './SeriesTable'

/** As long as a note of a reading may be. */
const LONGEST_NOTE = 200
/** More than a year of readings every ten seconds. */
const MOST_BYTES = 100_000_000

interface Log {
  name: string
  text: string
}

/** What a meter shows, has shown or logged, against the plan. A log stays in this page. */
export function ReadingsSection({ powerIn }: { powerIn: PowerIn }) {
  const designId = useAppSelector(selectDesignId)
  const words = useAppSelector(selectWords)
  const [log, setLog] = useState<Log | null>(null)
  const [problem, setProblem] = useState('')

  async function read(file: File): Promise<void> {
    if (file.size > MOST_BYTES) {
      setProblem(`${file.name} is longer than 100 MB.`)
      return
    }
    setProblem('')
    setLog({ name: file.name, text: await file.text() })
  }

  return (
    <section aria-label="Measured">
      <h2>
        Measured
        <span className="aside">against the plan of the same state</span>
      </h2>
      <BenchReading powerIn={powerIn} />
      <p>
        <Link to={`/designs/${designId}/bench`} className="plain-button">
          The same on a phone
        </Link>
      </p>
      <PullTestForm />
      <h3>As it comes in</h3>
      <MeterPanel designId={designId} powerIn={powerIn} />
      <h3>Kept</h3>
      <KeptReadings designId={designId} powerIn={powerIn} nameOf={words.piece} />
      <h3>A log</h3>
      <p className="soft">
        A log is a text with a time and watts on each line, as meters write it: delimiter, decimal
        sign and columns are found, and it is held against the mean of the week.
      </p>
      <FileButton
        text="Read a log of watts"
        label="Log of watts"
        accept=".csv,.txt,.tsv,text/csv,text/plain"
        onFile={(file) => void read(file)}
      />
      <div role="status">
        {problem !== '' && <p>{problem}</p>}
        {log && <Answer key={log.name} log={log} />}
      </div>
    </section>
  )
}

const startWorker = (): Worker =>
  new Worker(new URL('./readingsWorker.ts', import.meta.url), { type: 'module' })

function Answer({ log }: { log: Log }) {
  const design = useAppSelector(selectDesign)
  const ask = useCallback(
    async (reader: Remote<SeriesReader>) => ({ series: await reader.read(design, log.text) }),
    [design, log],
  )
  const { answer, failed } = useWorkerAnswer(startWorker, ask)
  if (failed) return <p>{log.name} could not be read.</p>
  if (!answer) return <p>{log.name} is being read …</p>
  const { series } = answer
  if (!series) return <p>{log.name} has no column of times with watts beside it.</p>
  return (
    <>
      <p>
        {log.name}: {format.counted(series.read.readings, 'reading')}
        {series.read.skippedLines.length > 0 &&
          `, ${format.counted(series.read.skippedLines.length, 'line')} left out, the first of them line ${format.number(series.read.skippedLines[0] ?? 0)}`}
        . Decimal sign {series.read.decimalSign}, watts in column{' '}
        {format.number(series.read.wattsColumn)}.
      </p>
      <SeriesTable series={series} currency={design.brief.currency} />
      <KeepDays name={log.name} days={series.days} />
      <Causes causes={series.plan.causes} />
    </>
  )
}

interface KeepDaysProps {
  name: string
  days: readonly { fromSeconds: number; meanWatts: number; hours: number }[]
}

/** Keeps the mean of each day of a log with the design, so that it is there when the log is not. */
function KeepDays({ name, days }: KeepDaysProps) {
  const designId = useAppSelector(selectDesignId)
  const [send, { error, isLoading, isSuccess }] = useSendReadingsMutation()

  async function keep(): Promise<void> {
    const readings = days.map(({ fromSeconds, meanWatts, hours }) => ({
      watts: Math.round(meanWatts * 10) / 10,
      takenAt: new Date(fromSeconds * 1_000).toISOString(),
      source: 'meter' as const,
      note: cutText(`mean of ${format.number(hours, 1)} h, ${name}`, LONGEST_NOTE),
    }))
    for (let at = 0; at < readings.length; at += READINGS_PER_REQUEST) {
      const some = readings.slice(at, at + READINGS_PER_REQUEST)
      const { error: failed } = await send({ id: designId, readings: some })
      if (failed) return
    }
  }

  return (
    <p>
      <button
        type="button"
        className="plain-button"
        disabled={isLoading || isSuccess}
        onClick={() => void keep()}
      >
        {isSuccess ? 'Kept' : `Keep the mean of ${format.counted(days.length, 'day')}`}
      </button>
      {error && ` ${problemSentence(error)}`}
    </p>
  )
}
