import type { StoredCollected } from '@flint/contract'
import {
  type BurnInProgress,
  burnInProgress,
  cleanDrives,
  driveVerdict,
  type ErrorsBetween,
  errorsOverTime,
  type JudgedDrive,
  movedBytes,
  type RankedSuspects,
  readingsOf,
  type SeenAgainstFitted,
  seenAgainstFitted,
  type SeenMachine,
  suspectsOf,
  traceFault,
} from '@flint/core/figures'
import { useMemo } from 'react'
import { useCollectedQuery } from '../../api/api'
import { useNow } from '../../controls/useNow'
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
  /** What came when, the oldest first. */
  errors: ErrorsBetween[]
  /** Drives that were at work all the while and had none. */
  cleanIds: string[]
  ranked: RankedSuspects[]
  burnIns: BurnInProgress[]
}

/** What the machine says of itself, held against the design. */
export function useProof(): Proof {
  const designId = useAppSelector(selectDesignId)
  const { fitted, bench } = useAppSelector(selectDesign)
  const machine = useAppSelector(selectMachine)
  const now = useNow()
  const { data } = useCollectedQuery({ id: designId })
  const matched = useMemo(
    () =>
      (data?.collected ?? [])
        .map(({ seen }) => ({ seen, found: seenAgainstFitted({ fitted }, machine, seen) }))
        .reverse(),
    [data, fitted, machine],
  )
  const last = matched.at(-1)
  const verdicts = useMemo(() => {
    const [first] = matched
    const before = new Map(first && first !== last ? readingsOf(first.seen) : [])
    return new Map(
      (last?.found.pairs ?? []).flatMap(({ driveId, seen: { serial, smart } }) =>
        smart ? [[driveId, driveVerdict(smart, before.get(serial ?? '') ?? null)] as const] : [],
      ),
    )
  }, [matched, last])
  const traced = useMemo(() => {
    const files = matched.map(({ seen, found: { pairs } }) => ({ seen, pairs }))
    const errors = errorsOverTime(files)
    const cleanIds = cleanDrives(files, errors)
    const ranked = traceFault(suspectsOf(machine), {
      errors: errors.flatMap((between) => between.errors),
      cleanIds,
      trials: bench.trials,
    })
    return { errors, cleanIds, ranked }
  }, [matched, machine, bench.trials])
  const burnIns = useMemo(() => {
    const moved = matched.map(({ seen, found }) => movedBytes(seen, found.pairs))
    return burnInProgress(bench.burnIns, machine, moved, now)
  }, [matched, bench.burnIns, machine, now])
  return {
    files: data?.collected ?? null,
    total: data?.total ?? 0,
    seen: last?.seen ?? null,
    found: last?.found ?? null,
    verdicts,
    ...traced,
    burnIns,
  }
}
