import {
  type DesignDocument,
  evaluate,
  type FamilyName,
  familyOf,
  layOut,
  layoutFamilies,
  type Layout,
  type Pool,
  spareLayout,
} from '@flint/core'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import { useMemo, useState } from 'react'
import { say } from '../../controls/locale'
import { selectChosenDrives, selectDocument } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import styles from '../../tray/tray.module.css'
import { walkOffers } from '../../tray/walkOffers'
import { HOME, IntoPool, OWN } from './IntoPool'
import { isLaidOutSo } from './isLaidOutSo'
import { LayoutOffer, type OfferedLayout } from './LayoutOffer'

/** What the chosen drives could become in one family, each with what the whole design would then be. */
export function LayoutOffers({ onShowPile }: { onShowPile: () => void }) {
  const document = useAppSelector(selectDocument)
  const drives = useAppSelector(selectChosenDrives)
  const home = drives.find(({ member }) => member)?.member?.lettered.pool
  const [wished, setWished] = useState<FamilyName | null>(null)
  const [into, setInto] = useState<string>(HOME)
  const family = familyOf({ family: wished ?? home?.family ?? 'zfs' })
  const poolId = family.family !== 'zfs' || into === HOME ? undefined : into === OWN ? null : into
  const offers = useMemo(() => {
    const sized = drives.map(({ part, sheet }) => {
      return { id: part.id, capacityBytes: sheet.capacityBytes }
    })
    const layouts = family.layouts(sized).filter(({ usual }) => usual)
    const spares = family.family === 'zfs' ? [spareLayout(sized, document, poolId)] : []
    return [...layouts, ...spares].map((layout) => offerOf(layout, document, poolId))
  }, [document, drives, family, poolId])
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
      {family.family === 'zfs' && <IntoPool value={into} home={home ?? null} onChange={setInto} />}
      <ul className={styles.list} onKeyDown={walkOffers} aria-label="Layouts">
        {offers.map((offer) => (
          <LayoutOffer key={offer.layout.id} offer={offer} poolId={poolId} />
        ))}
      </ul>
      <p className={styles.more}>
        <button type="button" className="plain-button" onClick={onShowPile}>
          All families side by side
        </button>
      </p>
    </>
  )
}

function offerOf(
  layout: Layout<Pool>,
  document: DesignDocument,
  poolId: string | null | undefined,
): OfferedLayout {
  const { pool } = layout
  if (!pool) return { layout, result: null, isNow: false }
  const { capacity, survival } = evaluate(layOut(document, pool, poolId))
  return {
    layout,
    result: {
      working: say.space(capacity.workingBytes),
      survived: survival.alwaysSurvived ? `any ${survival.alwaysSurvived}` : 'none',
    },
    isNow: document.pools.some((there) => isLaidOutSo(there, pool)),
  }
}
