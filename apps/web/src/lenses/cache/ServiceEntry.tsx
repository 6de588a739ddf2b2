import type { Service } from '@flint/core/editing'
import type { ServiceDevice, ServiceFigure } from '@flint/core/figures'
import { format } from '../../controls/locale'
import { NumberField } from '../../controls/NumberField'
import { SmallChoice } from '../../controls/SmallChoice'
import { selectDesign } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import { ROLE_WORDS } from './roleWords'
import { ServiceDevices } from './ServiceDevices'
import { serviceWords } from './serviceWords'
import styles from './cache.module.css'

const GB = 1e9
const KIB = 1024

/** One job: for which pool, on which devices, how they stand to each other, and what it comes to. */
export function ServiceEntry({
  figure,
  devices,
}: {
  figure: ServiceFigure
  devices: readonly ServiceDevice[]
}) {
  const { service, isImplied, writtenBytesPerDay } = figure
  const { role, poolId, arrangement, parts } = service
  const { pools } = useAppSelector(selectDesign)
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
              { value: 'mirror', text: 'mirrored' },
              { value: 'stripe', text: 'striped' },
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
        {role === 'read cache' && (
          <>
            <NumberField
              label="Found in it"
              unit="%"
              width={150}
              optional
              min={0}
              max={100}
              value={service.hitShare === null ? null : service.hitShare * 100}
              placeholder="your guess"
              onChange={(value) => {
                change({ hitShare: value === null ? null : value / 100 })
              }}
            />
            <NumberField
              label="Record size"
              unit="KiB"
              width={130}
              optional
              min={0.5}
              max={16_384}
              value={service.recordBytes === null ? null : service.recordBytes / KIB}
              placeholder="128"
              onChange={(value) => {
                change({ recordBytes: value === null ? null : Math.round(value * KIB) })
              }}
            />
          </>
        )}
        {role === 'metadata' && (
          <NumberField
            label="Small blocks up to"
            unit="KiB"
            width={160}
            optional
            min={0.5}
            max={16_384}
            value={service.smallBlockBytes === null ? null : service.smallBlockBytes / KIB}
            placeholder="none"
            onChange={(value) => {
              change({ smallBlockBytes: value === null ? null : Math.round(value * KIB) })
            }}
          />
        )}
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
      <ServiceDevices
        service={service}
        devices={devices}
        onParts={(parts) => {
          change({ parts })
        }}
      />
      <p>
        {serviceWords(figure)}{' '}
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
