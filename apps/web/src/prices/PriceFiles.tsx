import { PRICES_PER_REQUEST } from '@flint/contract'
import { wrap } from 'comlink'
import { useState } from 'react'
import { FileButton } from '../controls/FileButton'
import { useSendPricesMutation } from '../api/api'
import { problemSentence } from '../api/problemOf'
import { format } from '../controls/locale'
import type { PriceFileReader } from './priceFileWorker'

const MOST_BYTES = 60_000_000
/** Problems that are listed; the others are counted. */
const SHOWN_PROBLEMS = 5

/** Prices out to a file, and in from one. */
export function PriceFiles() {
  const [send] = useSendPricesMutation()
  const [news, setNews] = useState<string[]>([])

  async function read(file: File): Promise<void> {
    if (file.size > MOST_BYTES) {
      setNews([`${file.name} is larger than 60 MB, the most that is read.`])
      return
    }
    setNews([`Reading ${file.name} …`])
    const worker = new Worker(new URL('./priceFileWorker.ts', import.meta.url), { type: 'module' })
    try {
      const { prices, problems } = await wrap<PriceFileReader>(worker).read(await file.text())
      let taken = 0
      for (let at = 0; at < prices.length; at += PRICES_PER_REQUEST) {
        const { data, error } = await send(prices.slice(at, at + PRICES_PER_REQUEST))
        if (error) {
          setNews([problemSentence(error)])
          return
        }
        taken += data.prices.length
        setNews([`${format.number(at + PRICES_PER_REQUEST)} of ${format.number(prices.length)} …`])
      }
      const known = prices.length - taken
      setNews([
        `${format.counted(taken, 'price')} taken in${known > 0 ? `, ${format.number(known)} known already` : ''}.`,
        ...problems
          .slice(0, SHOWN_PROBLEMS)
          .map(({ line, sentence }) => `Line ${line}: ${sentence}`),
        ...(problems.length > SHOWN_PROBLEMS
          ? [`And ${format.number(problems.length - SHOWN_PROBLEMS)} more lines were not taken.`]
          : []),
      ])
    } finally {
      worker.terminate()
    }
  }

  return (
    <section aria-label="Prices as files">
      <h2>Files</h2>
      <p>
        <a href="/api/prices.csv" download>
          Save all prices as CSV
        </a>{' '}
        <FileButton
          text="Take prices in from CSV"
          label="Prices file"
          accept=".csv,text/csv"
          onFile={(file) => void read(file)}
        />
      </p>
      <div role="status">
        {news.map((text) => (
          <p key={text}>{text}</p>
        ))}
      </div>
    </section>
  )
}
