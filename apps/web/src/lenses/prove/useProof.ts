import type { StoredCollected } from '@flint/contract'
import {
  driveVerdict,
  errorsSeen,
  type JudgedDrive,
  type RankedSuspects,
  type SeenAgainstFitted,
  seenAgainstFitted,
  type SeenMachine,
  type SmartReading,
  suspectsOf,
  traceFault,
} from '@flint/core/figures'
import { useMemo } from 'react'
import { useCollectedQuery } from '../../api/api'
import { selectDesign, selectDesignId, selectMachine } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'

export interface Proof {
  /** All that was gathered, the last one first; null until it is there. */
  files: StoredCollected[] | null
  total: number
  /** What the last one says against the plan; null without one. */
  seen: SeenMachine | null
  found: SeenAgainstFitted | null
  /** Of drives that tell of their health. */
  verdicts: ReadonlyMap<string, JudgedDrive>
  ranked: RankedSuspects[]
}

/** What the machine says of itself, held against the design. */
export function useProof(): Proof {
  const designId = useAppSelector(selectDesignId)
  const { fitted, bench } = useAppSelector(selectDesign)
  const machine = useAppSelector(selectMachine)
  const { data } = useCollectedQuery({ id: designId })
  const seen = data?.collected[0]?.seen ?? null
  const first = data?.collected.at(-1)?.seen ?? null
  const found = useMemo(
    () => (seen ? seenAgainstFitted({ fitted }, machine, seen) : null),
    [fitted, machine, seen],
  )
  const before = useMemo(() => readingsOf(first === seen ? null : first), [first, seen])
  const verdicts = useMemo(
    () =>
      new Map(
        (found?.pairs ?? []).flatMap(({ driveId, seen: { serial, smart } }) =>
          smart ? [[driveId, driveVerdict(smart, before.get(serial ?? '') ?? null)] as const] : [],
        ),
      ),
    [found, before],
  )
  const ranked = useMemo(() => {
    if (!found || !seen) return []
    const errors = errorsSeen(found.pairs, seen, before)
    return traceFault(suspectsOf(machine), { errors, cleanIds: [], trials: bench.trials })
  }, [found, seen, before, machine, bench.trials])
  return {
    files: data?.collected ?? null,
    total: data?.total ?? 0,
    seen,
    found,
    verdicts,
    ranked,
  }
}

/** Health of each drive by its serial number. */
function readingsOf(seen: SeenMachine | null): ReadonlyMap<string, SmartReading> {
  return new Map(
    (seen?.drives ?? []).flatMap(({ serial, smart }) =>
      serial !== null && smart ? [[serial, smart] as const] : [],
    ),
  )
}
