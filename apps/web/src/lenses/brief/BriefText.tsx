import type { Design, Edit } from '@flint/core/editing'
import { TextLine } from '../../controls/TextLine'
import { selectDesign } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'

interface BriefTextProps {
  label: string
  maxLength: number
  help?: string
  multiline?: boolean
  valueOf: (design: Design) => string
  change: (value: string) => Edit
}

/** A line or a paragraph of the brief. */
export function BriefText({ valueOf, change, ...shown }: BriefTextProps) {
  const value = useAppSelector((state) => valueOf(selectDesign(state)))
  const edit = useEdit()
  return (
    <TextLine
      {...shown}
      value={value}
      onChange={(text) => {
        edit(change(text), true)
      }}
    />
  )
}
