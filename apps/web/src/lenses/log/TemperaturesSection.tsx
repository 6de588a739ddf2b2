import { TEMPERATURES_PER_REQUEST } from '@flint/contract'
import type { ReadTemperatures } from '@flint/core/files'
import { type Remote, wrap } from 'comlink'
import { lazy, Suspense, useState } from 'react'
import {
  useRemoveTemperaturesMutation,
  useSendTemperaturesMutation,
  useTemperaturesQuery,
} from '../../api/api'
import { FileButton } from '../../controls/FileButton'
import { problemSentence } from '../../api/problemOf'
import { format } from '../../controls/locale'
import { SmallChoice } from '../../controls/SmallChoice'
import { selectDesign, selectDesignId } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { takenWords } from './logWords'
import type { TemperatureReader } from './temperaturesWorker'
import styles from './log.module.css'

/** The chart library is large, and the rest of the lens needs none of it. */
const LineOverTime = lazy(() => import('./LineOverTime'))

/** A reading a minute of ten sensors for two months. */
const MOST_BYTES = 50_000_000

/** Temperatures that sensors have logged, taken from a file, against what the house advises and allows. */
export function TemperaturesSection() {
  const designId = useAppSelector(selectDesignId)
  const { houseRules, brief } = useAppSelector(selectDesign)
  const { data } = useTemperaturesQuery(designId)
  const [remove] = useRemoveTemperaturesMutation()
  const { take, told, isBusy } = useTakeLog()
  const [chosen, setChosen] = useState('')
  const series = data?.series ?? []
  const shown = series.find(({ name }) => name === chosen) ?? series[0]
  const degrees = (celsius: number): string => `${format.number(celsius, 1)} °C`
  const last = shown?.pieces.at(-1)
  return (
    <section aria-label="Temperatures over time">
      <h2>
        Temperatures
        {shown && <span className="aside">{format.counted(shown.total, 'reading')}</span>}
      </h2>
      <div className={styles.choices}>
        {series.length > 1 && (
          <SmallChoice
            label="Sensor"
            width={190}
            value={shown?.name ?? ''}
            options={series.map(({ name }) => ({ value: name, text: name }))}
            onChange={setChosen}
          />
        )}
        <FileButton
          text="Take a log of temperatures"
          label="Log of temperatures"
          accept=".csv,.txt,.tsv,text/csv,text/plain"
          disabled={isBusy}
          onFile={(file) => void take(designId, file)}
        />
        {shown && (
          <>
            <button
              type="button"
              className="plain-button"
              onClick={() => void remove({ id: designId, name: shown.name })}
            >
              Remove {shown.name}
            </button>
            <a href={`/api/designs/${designId}/temperatures.csv`} download>
              Temperatures as CSV
            </a>
          </>
        )}
      </div>
      <p role="status">{told}</p>
      {!shown && (
        <p className="soft">
          A log is a text with a time on each line and a column of degrees for each sensor, named in
          the first line.
        </p>
      )}
      {shown && shown.pieces.length > 1 && last && (
        <div className={styles.chart}>
          <Suspense fallback={<p className="soft">The chart is on its way …</p>}>
            <LineOverTime
              points={shown.pieces.map(({ at, low, mean, high }) => ({
                at,
                low,
                value: mean,
                high,
              }))}
              write={degrees}
              limits={[
                ...(brief.roomCelsius === null
                  ? []
                  : [{ value: brief.roomCelsius, name: 'room of the brief' }]),
                { value: houseRules.driveCelsiusMost, name: 'the most for drives' },
              ]}
              told={`${shown.name}, ${degrees(last.mean)} at last`}
            />
          </Suspense>
        </div>
      )}
    </section>
  )
}

/** Reads a log in a worker and keeps it piece by piece. */
function useTakeLog(): {
  take: (designId: string, file: File) => Promise<void>
  told: string
  isBusy: boolean
} {
  const [send] = useSendTemperaturesMutation()
  const [told, setTold] = useState('')
  const [isBusy, setBusy] = useState(false)

  async function keep(designId: string, name: string, read: ReadTemperatures): Promise<string> {
    let kept = 0
    for (let at = 0; at < read.temperatures.length; at += TEMPERATURES_PER_REQUEST) {
      const some = read.temperatures.slice(at, at + TEMPERATURES_PER_REQUEST)
      const { data, error } = await send({ id: designId, temperatures: some })
      if (error) return problemSentence(error)
      kept += data.kept
      setTold(`${name}: ${format.number(at + some.length)} taken …`)
    }
    return takenWords(name, read, kept)
  }

  async function take(designId: string, file: File): Promise<void> {
    if (file.size > MOST_BYTES) {
      setTold(`${file.name} is longer than 50 MB.`)
      return
    }
    setBusy(true)
    setTold(`${file.name} is being read …`)
    const worker = new Worker(new URL('./temperaturesWorker.ts', import.meta.url), {
      type: 'module',
    })
    const reader: Remote<TemperatureReader> = wrap(worker)
    try {
      const read = await reader.read(await file.text())
      setTold(
        read
          ? await keep(designId, file.name, read)
          : `${file.name} has no column of times with temperatures beside it.`,
      )
    } finally {
      worker.terminate()
      setBusy(false)
    }
  }
  return { take, told, isBusy }
}
