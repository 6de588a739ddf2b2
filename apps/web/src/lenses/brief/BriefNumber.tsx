import type { Brief } from '@flint/core/editing'
import { memo, useCallback } from 'react'
import { NumberField, type NumberFieldProps } from '../../controls/NumberField'
import { selectDesign } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'

type NumberName = {
  [Name in keyof Brief]: Brief[Name] extends number | null ? Name : never
}[keyof Brief]

type BriefNumberProps = Omit<NumberFieldProps, 'value' | 'onChange'> & {
  field: NumberName
  /** How many of the document's units make one of those shown: bytes in a TiB, cents in a euro. */
  scale?: number
  /** The document wants whole units. */
  rounds?: boolean
}

/**
 * One number of the brief. Each field looks only at its own value, so that typing in one does not draw
 * the others anew: the ledger is to answer within a few frames.
 */
export const BriefNumber = memo(function BriefNumber({
  field,
  scale = 1,
  rounds = false,
  ...shown
}: BriefNumberProps) {
  const stored = useAppSelector((state) => selectDesign(state).brief[field])
  const edit = useEdit()
  const { optional = false } = shown
  const onChange = useCallback(
    (value: number | null) => {
      const scaled = value === null ? (optional ? null : 0) : value * scale
      const taken = scaled !== null && rounds ? Math.round(scaled) : scaled
      edit({ do: 'change-brief', change: { [field]: taken } }, true)
    },
    [edit, field, scale, rounds, optional],
  )
  return (
    <NumberField {...shown} value={stored === null ? null : stored / scale} onChange={onChange} />
  )
})
