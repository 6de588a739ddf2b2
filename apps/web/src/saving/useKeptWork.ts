import { useEffect, useState } from 'react'
import { useKeptCopies } from './keptCopiesContext'

/** Work that this browser keeps, by design: what was written last of each, as it was written. */
export function useKeptWork(): ReadonlyMap<string, unknown> {
  const copies = useKeptCopies()
  const [work, setWork] = useState<ReadonlyMap<string, unknown>>(new Map())
  useEffect(() => {
    let left = false
    void copies.all().then((all) => {
      if (!left) setWork(new Map(all.map(({ designId, copy }) => [designId, copy])))
    })
    return () => {
      left = true
    }
  }, [copies])
  return work
}
