import { GIB, KIB, MIB } from '@flint/core/drawing'
import type { Pool } from '@flint/core/editing'
import { SmallChoice } from '../../controls/SmallChoice'
import { NumberField } from '../../controls/NumberField'
import { format } from '../../controls/locale'
import { useEdit } from '../../sheet/useEdit'

/** What can be set of a pool, by its family. */
export function PoolSettings({ pool }: { pool: Pool }) {
  const edit = useEdit()
  const change = (values: Record<string, unknown>): void => {
    edit({ do: 'change-pool', poolId: pool.id, change: values }, true)
  }
  switch (pool.family) {
    case 'zfs':
      return (
        <SizeChoice
          label="Sector size"
          value={2 ** pool.ashift}
          sizes={[9, 12, 13].map((ashift) => 2 ** ashift)}
          onChange={(bytes) => {
            change({ ashift: Math.log2(bytes) })
          }}
        />
      )
    case 'dedicated-parity':
      return (
        <label>
          <input
            type="checkbox"
            checked={pool.writesWithAllDrives}
            onChange={({ target }) => {
              change({ writesWithAllDrives: target.checked })
            }}
          />{' '}
          Writes spin all drives: quicker, and none sleeps
        </label>
      )
    case 'scheduled-parity':
      return (
        <NumberField
          label="Parity run every"
          unit="h"
          width={140}
          min={0.1}
          max={8_760}
          value={pool.syncEveryHours}
          onChange={(syncEveryHours) => {
            change({ syncEveryHours })
          }}
        />
      )
    case 'flexible-chunks':
      return (
        <SizeChoice
          label="Chunk size"
          value={pool.chunkBytes}
          sizes={[256 * MIB, GIB, 5 * GIB, 10 * GIB]}
          onChange={(chunkBytes) => {
            change({ chunkBytes })
          }}
        />
      )
    case 'columns':
      return (
        <>
          <SizeChoice
            label="Interleave"
            value={pool.interleaveBytes}
            sizes={[16, 32, 64, 128, 256].map((size) => size * KIB)}
            onChange={(interleaveBytes) => {
              change({ interleaveBytes })
            }}
          />
          <SizeChoice
            label="Slab size"
            value={pool.slabBytes}
            sizes={[256 * MIB, GIB]}
            onChange={(slabBytes) => {
              change({ slabBytes })
            }}
          />
        </>
      )
    default:
      return null
  }
}

interface SizeChoiceProps {
  label: string
  value: number
  sizes: readonly number[]
  onChange: (bytes: number) => void
}

function SizeChoice({ label, value, sizes, onChange }: SizeChoiceProps) {
  const all = sizes.includes(value) ? sizes : [value, ...sizes]
  return (
    <SmallChoice
      label={label}
      value={String(value)}
      width={140}
      options={all.map((bytes) => ({ value: String(bytes), text: format.space(bytes, 0) }))}
      onChange={(bytes) => {
        onChange(Number(bytes))
      }}
    />
  )
}
