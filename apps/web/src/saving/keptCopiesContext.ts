import { createContext, useContext } from 'react'
import type { KeptCopies } from './keptCopies'

export const KeptCopiesContext = createContext<KeptCopies | null>(null)

export function useKeptCopies(): KeptCopies {
  const copies = useContext(KeptCopiesContext)
  if (!copies) throw new Error('KeptCopiesContext is missing.')
  return copies
}
