import { memoryPlan, memoryWanted, pieceOf, type ServicesFigure } from '@flint/core/figures'
import { format } from '../../controls/locale'
import { NumberField } from '../../controls/NumberField'
import { selectDesign, selectEvaluation, selectMachine } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import styles from './cache.module.css'

const GIB = 2 ** 30

const sizeText = (bytes: number | null): string =>
  bytes === null ? 'not known' : format.space(bytes)

/** Where the memory goes, and what a write log wants by each school. */
export function MemoryTable({ figure }: { figure: ServicesFigure }) {
  const plan = memoryPlan(figure)
  const { byRateBytes, byMemoryBytes } = figure.logSizes
  return (
    <div className={styles.tables}>
      <section aria-label="Memory">
        <h2>Memory</h2>
        {plan ? (
          <table className="lined">
            <tbody>
              <tr>
                <th scope="row">The system and its services, about</th>
                <td>{sizeText(plan.systemBytes)}</td>
              </tr>
              <tr>
                <th scope="row">Writes that may wait, at most</th>
                <td>{sizeText(plan.waitingBytes)}</td>
              </tr>
              <tr>
                <th scope="row">Guests (virtual machines and containers), in GiB</th>
                <td className={styles.choice}>
                  <GuestMemory guestBytes={plan.guestBytes} />
                </td>
              </tr>
              {plan.headerBytes > 0 && (
                <tr>
                  <th scope="row">Records of the read cache</th>
                  <td>{sizeText(plan.headerBytes)}</td>
                </tr>
              )}
              <tr>
                <th scope="row">Left for files that are read again</th>
                <td>
                  {plan.guestBytes === null ? 'at most ' : ''}
                  {plan.fileCacheBytes > 0 ? sizeText(plan.fileCacheBytes) : 'nothing'}
                </td>
              </tr>
              <tr>
                <th scope="row">All of it</th>
                <td>{sizeText(plan.memoryBytes)}</td>
              </tr>
            </tbody>
          </table>
        ) : (
          <p className="soft">No memory is chosen yet.</p>
        )}
      </section>
      <section aria-label="How large a write log">
        <h2>How large a write log</h2>
        <table className="lined">
          <tbody>
            <tr>
              <th scope="row">What comes in between flushes, three of them (used here)</th>
              <td>{sizeText(byRateBytes)}</td>
            </tr>
            <tr>
              <th scope="row">Half of the memory, say others</th>
              <td>{sizeText(byMemoryBytes)}</td>
            </tr>
          </tbody>
        </table>
      </section>
      <MemorySchools />
    </div>
  )
}

/** What guests take, where the reader knows it; the brief keeps it. */
function GuestMemory({ guestBytes }: { guestBytes: number | null }) {
  const said = useAppSelector((state) => selectDesign(state).brief.guestMemoryBytes)
  const edit = useEdit()
  return (
    <NumberField
      label="Memory of guests"
      unit="GiB"
      inTable
      width={150}
      optional
      min={0}
      max={32_768}
      value={said === null ? null : said / GIB}
      placeholder={guestBytes === null ? 'not known' : 'none'}
      onChange={(value) => {
        const guestMemoryBytes = value === null ? null : Math.round(value * GIB)
        edit({ do: 'change-brief', change: { guestMemoryBytes } }, true)
      }}
    />
  )
}

/** How much memory, as builders disagree on it. */
function MemorySchools() {
  const machine = useAppSelector(selectMachine)
  const rule = useAppSelector((state) => selectDesign(state).houseRules.memory)
  const { rawBytes } = useAppSelector(selectEvaluation).capacity
  const schools = memoryWanted(
    rawBytes,
    pieceOf(machine, 'board')?.dataSheet.memoryMaxBytes ?? null,
  )
  return (
    <section aria-label="How much memory">
      <h2>How much memory</h2>
      <table className="lined">
        <tbody>
          {SCHOOLS.map(([school, words]) => (
            <tr key={school}>
              <th scope="row">
                {words}
                {school === rule ? ' (the house rule)' : ''}
              </th>
              <td>{sizeText(schools[school])}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  )
}

const SCHOOLS = [
  ['floor of 8 GiB', 'A floor; what is left over serves as cache'],
  ['1 GiB per TB', '1 GiB for each TB of drives'],
  ['as much as fits', 'As much as the board takes, before any read cache'],
] as const
