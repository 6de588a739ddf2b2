import {
  MOST_SERVICES,
  nextId,
  SERVICE_DEFAULTS,
  type Service,
  SERVICE_ROLES,
  type ServiceRole,
  usualArrangement,
} from '@flint/core/editing'
import { ROLES_OF_FAMILY, type ServiceFigure } from '@flint/core/figures'
import { SmallChoice } from '../../controls/SmallChoice'
import { selectDesign } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'

/** Another job for small devices; those that some pool of the design can use are offered. */
export function AddService({ present }: { present: readonly ServiceFigure[] }) {
  const { services, pools } = useAppSelector(selectDesign)
  const edit = useEdit()
  if (services.length >= MOST_SERVICES) return null
  const usable = SERVICE_ROLES.filter(
    (role) =>
      role === 'system' || pools.some(({ family }) => ROLES_OF_FAMILY[family].includes(role)),
  )
  const add = (role: ServiceRole): void => {
    const pool = pools.find(({ family }) => ROLES_OF_FAMILY[family].includes(role))
    const service: Service = {
      id: nextId(
        'service',
        present.map((one) => one.service.id),
      ),
      role,
      poolId: pool?.id ?? null,
      arrangement: usualArrangement(role),
      parts: [],
      ...SERVICE_DEFAULTS,
    }
    // Where the system is was taken for granted until now; it must not wander when others come.
    const system = present.filter(({ isImplied }) => isImplied)
    edit({
      do: 'several',
      what: `add a ${role}`,
      edits: [...system.map((one) => one.service), service].map((one) => ({
        do: 'put-service' as const,
        service: one,
      })),
    })
  }
  return (
    <SmallChoice
      label="Add a job"
      value=""
      width={190}
      options={[
        { value: '', text: 'choose …' },
        ...usable.map((role) => ({ value: role, text: role })),
      ]}
      onChange={(role) => {
        if (role !== '') add(role as ServiceRole)
      }}
    />
  )
}
