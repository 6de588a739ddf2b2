import { cataloguedPart } from '@flint/core/editing'
import { closingParts, isFitting, type OpenChoice } from '@flint/core/figures'
import { useStore } from 'react-redux'
import { useParts } from '../api/useParts'
import type { RootState } from '../store/store'
import { selectDesign } from './selectors'
import { useEdit } from './useEdit'

/** Adds the cheapest parts that serve a choice which nobody makes for its own sake; null for other choices. */
export function useCloseFitting(choice: OpenChoice['choice']): (() => boolean) | null {
  const store = useStore<RootState>()
  const { data: parts } = useParts()
  const edit = useEdit()
  if (!isFitting(choice) || !parts) return null
  return () => {
    const design = selectDesign(store.getState())
    const closing = closingParts(design, choice, parts.map(cataloguedPart))
    if (closing.edit) edit(closing.edit)
    return closing.edit !== null
  }
}
