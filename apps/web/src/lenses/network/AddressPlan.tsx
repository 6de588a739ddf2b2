import { addressPlan, type PlannedCable, readBlock } from '@flint/core/figures'
import { useState } from 'react'
import TextField from '@mui/material/TextField'
import { selectDesign, selectMachine } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import styles from './network.module.css'

/** The addresses of cables that go straight to another machine, to copy and to print. */
export function AddressPlan() {
  const design = useAppSelector(selectDesign)
  const machine = useAppSelector(selectMachine)
  const [copied, setCopied] = useState<'copied' | 'refused' | null>(null)
  const plan = addressPlan(design, machine)
  if (!design.brief.readers.some(({ way }) => way === 'direct')) return null
  return (
    <section aria-label="Addresses of direct cables">
      <h2>
        Addresses of direct cables
        <span className="aside">each cable a network of its own, that nothing routes</span>
      </h2>
      {plan.length > 0 && (
        <table className="lined">
          <thead>
            <tr>
              <th scope="col">Machine</th>
              <th scope="col">Port here</th>
              <th scope="col">Network</th>
              <th scope="col">Address here</th>
              <th scope="col">Address there</th>
              <th scope="col">Mask</th>
            </tr>
          </thead>
          <tbody>
            {plan.map(({ reader, path, block, mask, serverAddress, readerAddress }) => (
              <tr key={reader.id}>
                <th scope="row">{reader.name}</th>
                <td className={styles.words}>
                  {path.port.model}, port {path.port.number}
                </td>
                <td>{block}</td>
                <td>{serverAddress}</td>
                <td>{readerAddress}</td>
                <td>{mask}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <OwnBlocks />
      <p className="soft">
        Set these by hand on both ends, without gateway and name server. The machine at the other
        end then reaches the server by the address here, whatever its usual network does.
      </p>
      {plan.length > 0 && (
        <p className={styles.notPrinted}>
          <button
            type="button"
            className="plain-button"
            onClick={() => {
              navigator.clipboard.writeText(planText(plan)).then(
                () => {
                  setCopied('copied')
                },
                () => {
                  setCopied('refused')
                },
              )
            }}
          >
            Copy as text
          </button>{' '}
          <button
            type="button"
            className="plain-button"
            onClick={() => {
              window.print()
            }}
          >
            Print
          </button>{' '}
          <span role="status" className="soft">
            {copied === 'copied' && 'Copied.'}
            {copied === 'refused' && 'The browser does not let this page copy; print it instead.'}
          </span>
        </p>
      )}
    </section>
  )
}

/** Tab-separated, so that it can be put into a table. */
function planText(plan: readonly PlannedCable[]): string {
  const rows = plan.map(({ reader, path, block, mask, serverAddress, readerAddress }) => [
    reader.name,
    `${path.port.model}, port ${path.port.number}`,
    block,
    serverAddress,
    readerAddress,
    mask,
  ])
  const head = ['machine', 'port here', 'network', 'address here', 'address there', 'mask']
  return [head, ...rows].map((cells) => `${cells.join('\t')}\n`).join('')
}

/** The networks that the house uses already, which the plan keeps clear of. */
function OwnBlocks() {
  const { ownBlocks } = useAppSelector(selectDesign).network
  const edit = useEdit()
  const [draft, setDraft] = useState<string | null>(null)
  const shown = draft ?? ownBlocks.join(', ')
  const wrong = blocksIn(shown).find((part) => readBlock(part) === null)
  return (
    <TextField
      size="small"
      label="Networks in the house"
      value={shown}
      placeholder="192.168.1.0/24"
      error={wrong !== undefined}
      helperText={
        wrong === undefined
          ? 'The plan keeps clear of these, and of what routers usually take.'
          : `${wrong} is no network; write it as 192.168.1.0/24.`
      }
      sx={{ width: 420, maxWidth: '100%', marginTop: 1.5 }}
      slotProps={{
        htmlInput: { autoComplete: 'off', maxLength: 1_500 },
        inputLabel: { shrink: true },
      }}
      onChange={({ target }) => {
        setDraft(target.value)
        const blocks = blocksIn(target.value)
        if (blocks.every((part) => readBlock(part) !== null))
          edit({ do: 'own-blocks', blocks }, true)
      }}
      onBlur={() => {
        // What is wrong stays with its reason until it is corrected.
        if (wrong === undefined) setDraft(null)
      }}
    />
  )
}

const blocksIn = (text: string): string[] => text.split(/[\s,;]+/).filter((part) => part !== '')
