import { type Pool, USUAL_FILE_BYTES } from '@flint/core/editing'
import { familyOf } from '@flint/core/figures'
import Dialog from '@mui/material/Dialog'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import { TextLine } from '../../controls/TextLine'
import { format } from '../../controls/locale'
import { useEdit } from '../../sheet/useEdit'
import { BlockEfficiencyTable } from './BlockEfficiencyTable'
import { WithTerms } from '../../terms/WithTerms'
import styles from './poolDetails.module.css'
import { PoolSettings } from './PoolSettings'
import { CloseDialog } from '../../controls/CloseDialog'

/** How a pool behaves: what it survives of a power cut, how it grows, what reading and writing cost. */
export function PoolDetails({ pool, onClose }: { pool: Pool; onClose: () => void }) {
  const edit = useEdit()
  const family = familyOf(pool)
  const traits = family.traits(pool)
  const { reads, writes } = traits.smallWrite
  const film = format.drive(USUAL_FILE_BYTES.media)
  const lines: [string, string][] = [
    [
      'Write hole: when the power goes in the middle of a write',
      [traits.writeHole.words, helpWords(traits.writeHole.remedies)].filter(Boolean).join(' '),
    ],
    ['Is one drive readable alone?', traits.readableAlone],
    ...(traits.parityDrive
      ? [['Who may be the parity drive?', traits.parityDrive] as [string, string]]
      : []),
    ['How it grows', traits.grows],
    ['How it shrinks', traits.shrinks],
    [
      `Drives that spin to read a file of ${film}`,
      format.counted(traits.spinningToRead(USUAL_FILE_BYTES.media), 'drive'),
    ],
    [
      'One small write costs',
      reads === 0
        ? format.counted(writes, 'write')
        : `${format.counted(reads, 'read')} and ${format.counted(writes, 'write')}`,
    ],
    [
      'Is wrong data noticed?',
      traits.checksums ? 'Yes, by checksums.' : 'No: there are no checksums of the data.',
    ],
    ['Where the figures come from', family.source],
  ]
  return (
    <Dialog open onClose={onClose} maxWidth="md" aria-labelledby="pool-details">
      <DialogTitle id="pool-details">
        {family.title}: {pool.name}
      </DialogTitle>
      <DialogContent>
        <p>
          <WithTerms text={family.about} />
        </p>
        {traits.warning && (
          <p className={styles.warning}>
            <strong>{traits.warning}</strong>
          </p>
        )}
        <div className={styles.settings}>
          <TextLine
            label="Name of the pool"
            width={190}
            maxLength={120}
            value={pool.name}
            onChange={(name) => {
              edit({ do: 'change-pool', poolId: pool.id, change: { name } }, true)
            }}
          />
          <PoolSettings pool={pool} />
        </div>
        <table className={styles.traits}>
          <tbody>
            {lines.map(([question, answer]) => (
              <tr key={question}>
                <th scope="row">{question}</th>
                <td>{answer}</td>
              </tr>
            ))}
          </tbody>
        </table>
        {pool.family === 'zfs' && <BlockEfficiencyTable pool={pool} />}
      </DialogContent>
      <CloseDialog onClose={onClose} />
    </Dialog>
  )
}

function helpWords(remedies: readonly string[]): string {
  return remedies.length === 0 ? '' : `What helps: ${remedies.join('; ')}.`
}
