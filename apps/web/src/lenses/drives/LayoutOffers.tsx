import {
  type DesignDocument,
  evaluate,
  type FamilyName,
  familyOf,
  layOut,
  layoutFamilies,
  type Layout,
  type Pool,
} from '@flint/core'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import { useMemo, useState } from 'react'
import { say } from '../../controls/locale'
import { selectChosenDrives, selectDocument } from '../../sheet/selectors'
import { useEdit, usePreview } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import styles from '../../tray/tray.module.css'
import { walkOffers } from '../../tray/walkOffers'
import { isLaidOutSo } from './isLaidOutSo'

/** What the chosen drives could become in one family, each with what the whole design would then be. */
export function LayoutOffers() {
  const document = useAppSelector(selectDocument)
  const drives = useAppSelector(selectChosenDrives)
  const home = drives.find(({ member }) => member)?.member?.lettered.pool.family
  const [wished, setWished] = useState<FamilyName | null>(null)
  const family = familyOf({ family: wished ?? home ?? 'zfs' })
  const edit = useEdit()
  const previewOf = usePreview()
  const offers = useMemo(() => {
    const sized = drives.map(({ part, sheet }) => {
      return { id: part.id, capacityBytes: sheet.capacityBytes }
    })
    return family
      .layouts(sized)
      .filter(({ usual }) => usual)
      .map((layout) => offerOf(layout, document))
  }, [document, drives, family])
  return (
    <>
      <p className="soft">What should they become? The figures are those of the whole design.</p>
      <TextField
        select
        size="small"
        fullWidth
        label="Family"
        value={family.family}
        helperText={family.about}
        sx={{ mt: 1.5 }}
        onChange={({ target }) => {
          setWished(target.value as FamilyName)
        }}
      >
        {layoutFamilies.map(({ family: name, title }) => (
          <MenuItem key={name} value={name}>
            {title}
          </MenuItem>
        ))}
      </TextField>
      <ul className={styles.list} onKeyDown={walkOffers} aria-label="Layouts">
        {offers.map(({ layout, result, isNow }) => {
          const { pool, reason, id, title, ownWords } = layout
          const apply = (before: DesignDocument): DesignDocument =>
            pool ? layOut(before, pool) : before
          const possible = reason === null && !isNow
          return (
            <li key={id}>
              <button
                type="button"
                data-offer
                data-layout={id}
                className={styles.offer}
                aria-disabled={reason !== null}
                aria-current={isNow}
                title={title}
                {...previewOf(possible ? apply : null)}
                onClick={() => {
                  if (possible) edit(`make ${title}`, apply)
                }}
              >
                <span className={styles.title}>{title}</span>
                <span className={styles.right}>{result?.working ?? ''}</span>
                {reason ? (
                  <span className={styles.wide}>{reason}</span>
                ) : (
                  <>
                    <span className={styles.detail}>
                      {ownWords}
                      {isNow ? ', now' : ''}
                    </span>
                    <span className={styles.detailRight}>{result?.survived}</span>
                  </>
                )}
              </button>
            </li>
          )
        })}
      </ul>
    </>
  )
}

function offerOf(layout: Layout<Pool>, document: DesignDocument) {
  const { pool } = layout
  if (!pool) return { layout, result: null, isNow: false }
  const { capacity, survival } = evaluate(layOut(document, pool))
  return {
    layout,
    result: {
      working: say.space(capacity.workingBytes),
      survived: survival.alwaysSurvived ? `any ${survival.alwaysSurvived}` : 'none',
    },
    isNow: document.pools.some((there) => isLaidOutSo(there, pool)),
  }
}
