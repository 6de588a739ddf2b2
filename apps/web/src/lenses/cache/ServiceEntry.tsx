import type { Service } from '@flint/core/editing'
import type { ServiceDevice, ServiceFigure } from '@flint/core/figures'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import { format } from '../../controls/locale'
import { NumberField } from '../../controls/NumberField'
import { SmallChoice } from '../../controls/SmallChoice'
import { selectDesign } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import { ROLE_WORDS } from './roleWords'
import styles from './cache.module.css'

const GB = 1e9

/** One job: for which pool, on which devices, how they stand to each other, and what it comes to. */
export function ServiceEntry({
  figure,
  devices,
}: {
  figure: ServiceFigure
  devices: readonly ServiceDevice[]
}) {
  const { service, isImplied, bytes, wantedBytes, writtenBytesPerDay, memoryBytes, tolerates } =
    figure
  const { role, poolId, arrangement, parts } = service
  const { pools, fitted } = useAppSelector(selectDesign)
  const wornOf = (pieceId: string): number | null => {
    const share = fitted.find(({ id }) => id === pieceId)?.wornShare ?? null
    return share === null ? null : share * 100
  }
  const edit = useEdit()
  const change = (part: Partial<Service>): void => {
    edit({ do: 'put-service', service: { ...service, ...part } }, true)
  }
  return (
    <li className={styles.service} data-service={role}>
      <h3>
        {role} <span className="aside">{isImplied ? 'where nothing else is said' : ''}</span>
      </h3>
      <p className="soft">{ROLE_WORDS[role]}</p>
      <div className={styles.fields}>
        {role !== 'system' && (
          <SmallChoice
            label="For the pool"
            value={poolId ?? ''}
            width={150}
            options={[
              { value: '', text: 'none yet' },
              ...pools.map(({ id, name }) => ({ value: id, text: name })),
            ]}
            onChange={(value) => {
              change({ poolId: value === '' ? null : value })
            }}
          />
        )}
        {/* A read cache is never mirrored, so there is nothing to choose. */}
        {parts.length > 1 && role !== 'read cache' && (
          <SmallChoice
            label="Its devices"
            value={arrangement}
            width={170}
            options={[
              { value: 'mirror', text: 'hold the same' },
              { value: 'stripe', text: 'share it out' },
            ]}
            onChange={(value) => {
              change({ arrangement: value as Service['arrangement'] })
            }}
          />
        )}
        <NumberField
          label="Written a day"
          unit="GB"
          width={150}
          optional
          min={0}
          max={1_000_000}
          value={service.writtenBytesPerDay === null ? null : service.writtenBytesPerDay / GB}
          placeholder={`about ${format.number(writtenBytesPerDay / GB, 1)}`}
          onChange={(value) => {
            change({ writtenBytesPerDay: value === null ? null : value * GB })
          }}
        />
        {role === 'fast tier' && (
          <NumberField
            label="Moved on every"
            unit="h"
            width={120}
            min={0.1}
            max={10_000}
            value={service.movedEveryHours}
            onChange={(value) => {
              if (value !== null) change({ movedEveryHours: value })
            }}
          />
        )}
      </div>
      <ul className={styles.devices} aria-label={`Devices of the ${role}`}>
        {devices.map(({ id, dataSheet }) => {
          const part = parts.find(({ pieceId }) => pieceId === id)
          return (
            <li key={id}>
              <FormControlLabel
                label={`${dataSheet.maker} ${dataSheet.model}, ${format.drive(dataSheet.capacityBytes)}`}
                control={
                  <Checkbox
                    size="small"
                    checked={part !== undefined}
                    onChange={(_event, wanted) => {
                      change({
                        parts: wanted
                          ? [...parts, { pieceId: id, bytes: null }]
                          : parts.filter(({ pieceId }) => pieceId !== id),
                      })
                    }}
                  />
                }
              />
              {part && (
                <NumberField
                  label={`Of ${dataSheet.model}`}
                  unit="GB"
                  width={130}
                  optional
                  min={0.001}
                  max={dataSheet.capacityBytes / GB}
                  value={part.bytes === null ? null : part.bytes / GB}
                  placeholder="what is left"
                  onChange={(value) => {
                    const of = value === null ? null : Math.round(value * GB)
                    change({
                      parts: parts.map((one) => (one.pieceId === id ? { ...one, bytes: of } : one)),
                    })
                  }}
                />
              )}
              {part && (
                <NumberField
                  label={`Worn of ${dataSheet.model}`}
                  unit="%"
                  width={150}
                  optional
                  min={0}
                  max={100}
                  value={wornOf(id)}
                  placeholder="new"
                  onChange={(value) => {
                    const wornShare = value === null ? null : value / 100
                    edit({ do: 'note-pieces', partIds: [id], change: { wornShare } }, true)
                  }}
                />
              )}
            </li>
          )
        })}
        {devices.length === 0 && <li className="soft">No boot device or free flash is there.</li>}
      </ul>
      <p>
        {parts.length > 0 && `Holds ${format.drive(bytes)}`}
        {parts.length > 0 &&
          wantedBytes !== null &&
          wantedBytes > 0 &&
          `, ${format.drive(wantedBytes)} wanted`}
        {parts.length > 1 &&
          `, ${tolerates > 0 ? `any ${format.number(tolerates)} of its devices may fail` : 'none of its devices may fail without loss of it'}`}
        {memoryBytes > 0 && `, takes ${format.space(memoryBytes)} of memory`}
        {parts.length > 0 && '. '}
        {!isImplied && (
          <button
            type="button"
            className="plain-button"
            onClick={() => {
              edit({ do: 'remove-service', serviceId: service.id })
            }}
          >
            Remove<span className="only-for-readers"> the {role}</span>
          </button>
        )}
      </p>
    </li>
  )
}
