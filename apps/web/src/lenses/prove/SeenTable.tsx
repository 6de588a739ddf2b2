import { SeverityShape } from '../../controls/SeverityShape'
import { format } from '../../controls/locale'
import { selectMachine, selectWords } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { differenceWords, reasonWords, VERDICT_WORDS } from './proveWords'
import type { Proof } from './useProof'
import styles from './prove.module.css'

/** Drive by drive, then what is missing, what nobody planned, cards and memory. */
export function SeenTable({ proof: { found, verdicts } }: { proof: Proof }) {
  const machine = useAppSelector(selectMachine)
  const words = useAppSelector(selectWords)
  if (!found) return null
  const { pairs, missingIds, extra, slowCards, memory } = found
  const bayOf = new Map([...machine.driveIn].map(([bay, drive]) => [drive, bay]))
  const placeOf = (driveId: string): string => {
    const bay = machine.bayById.get(bayOf.get(driveId) ?? '')
    return bay ? `bay ${bay.number}` : 'no bay'
  }
  const lacksMemory = memory !== null && memory.seenBytes < memory.plannedBytes
  return (
    <>
      <p role="status">
        {format.number(pairs.length)} of {format.counted(pairs.length + missingIds.length, 'drive')}{' '}
        seen
        {extra.length > 0 ? `, ${format.number(extra.length)} that nobody planned` : ''}.
        {memory &&
          ` ${format.space(memory.seenBytes)} of ${format.space(memory.plannedBytes)} of memory.`}
      </p>
      <div className={styles.scrolls}>
        <table className={`lined ${styles.drives ?? ''}`} aria-label="Drives seen">
          <thead>
            <tr>
              <th scope="col">Place</th>
              <th scope="col">Drive</th>
              <th scope="col">Seen as</th>
              <th scope="col">Serial</th>
              <th scope="col">Found by</th>
              <th scope="col">°C</th>
              <th scope="col">Hours</th>
              <th scope="col">Verdict</th>
            </tr>
          </thead>
          <tbody>
            {missingIds.map((id) => (
              <tr key={id}>
                <td>{placeOf(id)}</td>
                <th scope="row">{words.model(id)}</th>
                <td colSpan={5}>
                  <SeverityShape severity="blocks" /> not seen: look at its plugs, its bay and its
                  port
                </td>
                <td />
              </tr>
            ))}
            {pairs.map(({ driveId, seen: { device, serial, smart }, by, isGuess, differs }) => {
              const judged = verdicts.get(driveId)
              const told = [
                ...differs.map(differenceWords),
                ...(judged?.reasons ?? []).map(reasonWords),
              ]
              const verdict = judged?.verdict ?? 'not known'
              // What is wrong with the way to a drive says so itself.
              const said =
                verdict === 'path' || (verdict === 'good' && told.length > 0)
                  ? []
                  : [VERDICT_WORDS[verdict]]
              return (
                <tr key={driveId}>
                  <td>{placeOf(driveId)}</td>
                  <th scope="row">{words.model(driveId)}</th>
                  <td>{device}</td>
                  <td>{serial ?? 'not told'}</td>
                  <td>{isGuess ? `${by}, a guess` : by}</td>
                  <td className={styles.number}>
                    {smart?.celsius == null ? '' : format.number(smart.celsius)}
                  </td>
                  <td className={styles.number}>
                    {smart?.hours == null ? '' : format.number(smart.hours)}
                  </td>
                  <td>
                    {told.length > 0 && <SeverityShape severity="risks" />}{' '}
                    {[...said, ...told].join('; ')}
                  </td>
                </tr>
              )
            })}
            {extra.map(({ device, model, serial, bytes }) => (
              <tr key={device}>
                <td />
                <th scope="row">{model ?? 'a drive'}</th>
                <td>{device}</td>
                <td>{serial ?? 'not told'}</td>
                <td colSpan={4}>
                  nobody planned it{bytes === null ? '' : `, ${format.drive(bytes)}`}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {(slowCards.length > 0 || lacksMemory) && (
        <ul>
          {slowCards.map(({ device, plannedLanes }) => (
            <li key={device.slot}>
              <SeverityShape severity="risks" /> {device.name || `The card at ${device.slot}`} was
              trained at ×{device.lanes}
              {plannedLanes === null
                ? ` of ×${device.mostLanes}`
                : `; the plan has ×${plannedLanes}`}
              , {format.number(device.transfersPerSecond / 1e9, 1)} of{' '}
              {format.number(device.mostTransfersPerSecond / 1e9, 1)} GT/s. Seat it again, or look
              at the slot.
            </li>
          ))}
          {lacksMemory && (
            <li>
              <SeverityShape severity="risks" /> Memory is missing: seat the modules again.
            </li>
          )}
        </ul>
      )}
      {pairs.some(({ differs }) => differs.some(({ what }) => what === 'old signature')) && (
        <figure className={styles.wiping}>
          <figcaption>
            Wiping destroys everything on a drive, at once and for good. Compare its serial number
            with its label first. The line below does nothing until it is completed by hand.
          </figcaption>
          <pre># wipefs --all /dev/disk/by-id/PUT-THE-WHOLE-ID-OF-THE-DRIVE-HERE</pre>
        </figure>
      )}
    </>
  )
}
