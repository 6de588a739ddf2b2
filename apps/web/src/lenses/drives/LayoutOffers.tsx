import { type Design, type FamilyName, layOut, type Pool } from '@flint/core/editing'
import {
  poolFigures,
  familyOf,
  type Machine,
  layoutFamilies,
  type Layout,
  spareLayout,
  spreadDrives,
} from '@flint/core/figures'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import { useMemo, useState } from 'react'
import { format } from '../../controls/locale'
import { selectChosenDrives, selectDesign, selectMachine } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import styles from '../../tray/tray.module.css'
import { walkOffers } from '../../tray/walkOffers'
import { HOME, IntoPool, OWN } from './IntoPool'
import { hasSameLayout } from './hasSameLayout'
import { LayoutOffer, type OfferedLayout } from './LayoutOffer'

/** What the chosen drives could become in one family, each with what the whole design would then be. */
export function LayoutOffers({ onShowCandidates }: { onShowCandidates: () => void }) {
  const design = useAppSelector(selectDesign)
  const machine = useAppSelector(selectMachine)
  const drives = useAppSelector(selectChosenDrives)
  const home = drives.find(({ member }) => member)?.member?.lettered.pool
  const [wished, setWished] = useState<FamilyName | null>(null)
  const [into, setInto] = useState<string>(HOME)
  const family = familyOf({ family: wished ?? home?.family ?? 'zfs' })
  const poolId = family.family !== 'zfs' || into === HOME ? undefined : into === OWN ? null : into
  const offers = useMemo(() => {
    const sized = spreadDrives(
      drives.map(({ part, sheet }) => ({ id: part.id, capacityBytes: sheet.capacityBytes })),
      machine,
    )
    const layouts = family.layouts(sized).filter(({ usual }) => usual)
    const spares = family.family === 'zfs' ? [spareLayout(sized, design, poolId)] : []
    return [...layouts, ...spares].map((layout) => offerOf(layout, design, machine, poolId))
  }, [design, machine, drives, family, poolId])
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
        <button type="button" className="plain-button" onClick={onShowCandidates}>
          All families side by side
        </button>
      </p>
    </>
  )
}

function offerOf(
  layout: Layout<Pool>,
  design: Design,
  machine: Machine,
  poolId: string | null | undefined,
): OfferedLayout {
  const { pool } = layout
  if (!pool) return { layout, result: null, isNow: false }
  const { capacity, survival } = poolFigures(layOut(design, pool, poolId), machine)
  return {
    layout,
    result: {
      working: format.space(capacity.workingBytes),
      survived: survival.alwaysSurvived ? `any ${survival.alwaysSurvived}` : 'none',
    },
    isNow: design.pools.some((there) => hasSameLayout(there, pool)),
  }
}
