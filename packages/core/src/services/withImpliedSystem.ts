import type { Design } from '../design/design'
import { SERVICE_DEFAULTS, type Service } from '../design/services'
import { type Machine, piecesOf } from '../machine/machine'

const IMPLIED_ID = 'system'

/** The services, and the system on boot devices that have none, where nobody has said where it is. */
export function withImpliedSystem(
  { services }: Pick<Design, 'services'>,
  machine: Machine,
): { service: Service; isImplied: boolean }[] {
  const said = services.map((service) => ({ service, isImplied: false }))
  if (services.some(({ role }) => role === 'system')) return said
  const used = new Set(services.flatMap(({ parts }) => parts.map(({ pieceId }) => pieceId)))
  const boots = piecesOf(machine, 'boot').filter(({ id }) => !used.has(id))
  if (boots.length === 0) return said
  const service: Service = {
    id: IMPLIED_ID,
    role: 'system',
    poolId: null,
    arrangement: 'mirror',
    parts: boots.map(({ id }) => ({ pieceId: id, bytes: null })),
    ...SERVICE_DEFAULTS,
  }
  return [{ service, isImplied: true }, ...said]
}
