import type { Reader, ReaderWay } from '@flint/core/editing'
import {
  type ReaderCable,
  readerCable,
  type ReaderFigures,
  readerSentence,
} from '@flint/core/figures'
import { format } from '../../controls/locale'
import { NumberField } from '../../controls/NumberField'
import { TextLine } from '../../controls/TextLine'
import { selectDesign, selectMachine } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import { LinkSpeed } from './LinkSpeed'
import { SmallChoice } from '../../controls/SmallChoice'
import styles from './network.module.css'

const MB = 1e6

const WAYS: readonly { value: ReaderWay; text: string }[] = [
  { value: 'switch', text: 'through a switch' },
  { value: 'direct', text: 'by its own cable' },
  { value: 'Wi-Fi', text: 'over Wi-Fi' },
]

/** One machine that reads, with all that can be said of it, and what it gets in a sentence. */
export function ReaderEntry({ figures }: { figures: ReaderFigures }) {
  const { reader } = figures
  const { pools } = useAppSelector(selectDesign)
  const machine = useAppSelector(selectMachine)
  const edit = useEdit()
  const change = (part: Partial<Reader>): void => {
    edit({ do: 'put-reader', reader: { ...reader, ...part } }, true)
  }
  const portValue = ({ pieceId, number }: NonNullable<Reader['port']>): string =>
    `${pieceId} ${number}`
  const ports = machine.networkPaths.map(({ port: { partId, number, model, bitsPerSecond } }) => ({
    port: { pieceId: partId, number },
    text: `${model}, port ${number}, ${format.number(bitsPerSecond / 1e9, 1)} Gb/s`,
  }))
  return (
    <li className={styles.reader} data-reader={reader.id}>
      <div className={styles.fields}>
        <TextLine
          label="Name"
          value={reader.name}
          maxLength={120}
          width={140}
          onChange={(name) => {
            if (name.trim() !== '') change({ name })
          }}
        />
        <SmallChoice
          label="Reached"
          value={reader.way}
          width={158}
          options={WAYS}
          onChange={(way) => {
            change({ way: way as ReaderWay })
          }}
        />
        <LinkSpeed
          way={reader.way}
          bitsPerSecond={reader.bitsPerSecond}
          onChange={(bitsPerSecond) => {
            change({ bitsPerSecond })
          }}
        />
        <SmallChoice
          label="Port of this machine"
          value={reader.port ? portValue(reader.port) : ''}
          width={150}
          options={[
            { value: '', text: 'worked out' },
            ...ports.map(({ port, text }) => ({ value: portValue(port), text })),
          ]}
          onChange={(value) => {
            change({ port: ports.find(({ port }) => portValue(port) === value)?.port ?? null })
          }}
        />
        {pools.length > 1 && (
          <SmallChoice
            label="Reads from"
            value={reader.poolId ?? ''}
            width={120}
            options={[
              { value: '', text: 'the largest pool' },
              ...pools.map(({ id, name }) => ({ value: id, text: name })),
            ]}
            onChange={(poolId) => {
              change({ poolId: poolId === '' ? null : poolId })
            }}
          />
        )}
        <NumberField
          label="Wants"
          unit="MB/s"
          width={100}
          optional
          min={0}
          max={1_000_000}
          value={reader.wantsBytesPerSecond === null ? null : reader.wantsBytesPerSecond / MB}
          placeholder="brief"
          onChange={(value) => {
            change({ wantsBytesPerSecond: value === null ? null : value * MB })
          }}
        />
        {reader.way !== 'Wi-Fi' && (
          <NumberField
            label="Cable"
            unit="m"
            width={78}
            optional
            min={0.1}
            max={10_000}
            value={reader.metres}
            onChange={(metres) => {
              change({ metres })
            }}
          />
        )}
      </div>
      <div className={styles.gets}>
        <p>
          {readerSentence(figures, format)} {togetherWords(figures)}{' '}
          {cableWords(readerCable(figures, machine))}
        </p>
        <button
          type="button"
          className="plain-button"
          aria-label={`Remove ${reader.name}`}
          onClick={() => {
            edit({ do: 'remove-reader', readerId: reader.id })
          }}
        >
          remove
        </button>
      </div>
    </li>
  )
}

/** What it gets while all read, and whether that is what it wants. */
function togetherWords(figures: ReaderFigures): string {
  const { path, togetherBytesPerSecond, wantsBytesPerSecond } = figures
  if (!path || togetherBytesPerSecond === 0) return ''
  if (wantsBytesPerSecond <= togetherBytesPerSecond) {
    return `While all read ${format.rate(togetherBytesPerSecond)}.`
  }
  const [gets, wants] = format.apart(togetherBytesPerSecond, wantsBytesPerSecond, format.rate)
  return `△ While all read ${gets}; it wants ${wants}.`
}

/** What its cable is made of, where its length is known. */
function cableWords(cable: ReaderCable | null): string {
  if (!cable) return ''
  const { metres, plug, medium } = cable
  const length = `${format.number(metres, 1)} m`
  if (plug === null) return `${length} of cable; the plug at this end is not known.`
  return medium
    ? `${length}: ${medium.words}, up to ${format.number(medium.longestMetres)} m.`
    : `△ No cable of ${length} is made for ${plug} at this speed.`
}
