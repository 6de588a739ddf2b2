import { poolScript } from '@flint/core/files'
import { useMemo } from 'react'
import { saveFile } from '../../controls/saveFile'
import { selectDesign, selectMachine } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import styles from './cache.module.css'

/** The commands that make the pools, to read and to save; they name no disk and cannot be run as they are. */
export function PoolScript() {
  const design = useAppSelector(selectDesign)
  const machine = useAppSelector(selectMachine)
  const script = useMemo(() => poolScript(design, machine), [design, machine])
  if (design.pools.length === 0) return null
  return (
    <section aria-label="Commands that make the pools">
      <h2>Commands that make the pools</h2>
      <p>
        △ They destroy what is on the drives that are named. Every path is left empty for you to
        fill in, and nothing happens before all of them are. Redundancy is not a backup: have the
        second copy first.
      </p>
      <p>
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            saveFile(`${design.name} pools.sh`, 'text/x-shellscript', script)
          }}
        >
          Save as a shell script
        </button>
      </p>
      <details>
        <summary>Read them here</summary>
        <pre className={styles.script} role="region" tabIndex={0} aria-label="The script">
          {script}
        </pre>
      </details>
    </section>
  )
}
