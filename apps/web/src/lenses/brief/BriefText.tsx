import type { DesignDocument } from '@flint/core'
import { TextLine } from '../../controls/TextLine'
import { selectDocument } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'

interface BriefTextProps {
  label: string
  what: string
  maxLength: number
  help?: string
  multiline?: boolean
  valueOf: (document: DesignDocument) => string
  change: (document: DesignDocument, value: string) => DesignDocument
}

/** A line or a paragraph of the brief. */
export function BriefText({ what, valueOf, change, ...shown }: BriefTextProps) {
  const value = useAppSelector((state) => valueOf(selectDocument(state)))
  const edit = useEdit()
  return (
    <TextLine
      {...shown}
      value={value}
      onChange={(text) => {
        edit(`change ${what}`, (document) => change(document, text), true)
      }}
    />
  )
}
