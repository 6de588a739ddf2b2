import type { LimitStatus } from '@flint/core/figures'
import { useState } from 'react'
import { format } from '../controls/locale'
import { LimitList } from '../limits/LimitList'
import { selectLimits, selectPreviewEvaluation } from '../sheet/selectors'
import { useAppSelector } from '../store/hooks'
import type { RootState } from '../store/store'
import { keptOf } from './keptOf'
import { LedgerCount } from './LedgerCount'
import { LedgerPopover } from './LedgerPopover'

/** How many limits of the brief are kept, those included that no figure of its own stands for. */
export function LimitsEntry() {
  const limits = useAppSelector(selectLimits)
  const [anchor, setAnchor] = useState<HTMLElement | null>(null)
  const close = (): void => {
    setAnchor(null)
  }
  const kept = keptOf(limits)
  const titles = (status: LimitStatus): string =>
    limits
      .filter((limit) => limit.status === status)
      .map(({ title }) => title.toLowerCase())
      .join(', ')
  const [missed, maybe] = [titles('missed'), titles('may be missed')]
  const open = limits.filter(({ status }) => status === 'not known').length
  const below =
    limits.length === 0
      ? 'set them in the brief'
      : missed
        ? `missed: ${missed}`
        : maybe
          ? `may be missed: ${maybe}`
          : open > 0
            ? `${open} not known`
            : 'all of the brief'
  return (
    <>
      <LedgerCount
        id="limits"
        title="limits kept"
        value={limits.length === 0 ? 'none set' : `${kept} of ${limits.length}`}
        selectWould={selectWould}
        below={below}
        missed={missed !== ''}
        onClick={setAnchor}
      />
      <LedgerPopover title="Limits of the brief" anchor={anchor} onClose={close}>
        <LimitList limits={limits} />
      </LedgerPopover>
    </>
  )
}

/** A preview keeps the brief, so of how many is the same, and there is no room to say it twice. */
function selectWould(state: RootState): string | null {
  const preview = selectPreviewEvaluation(state)
  if (!preview) return null
  const would = keptOf(preview.limits)
  return would === keptOf(selectLimits(state)) ? null : format.number(would)
}
