import type { Design } from '../design'
import type { Service } from '../services'

/** Adds a service, or changes the one with the same id. */
export function putService(design: Design, service: Service): Design {
  const isThere = design.services.some(({ id }) => id === service.id)
  const services = isThere
    ? design.services.map((one) => (one.id === service.id ? service : one))
    : [...design.services, service]
  return { ...design, services }
}

export function removeService(design: Design, serviceId: string): Design {
  return { ...design, services: design.services.filter(({ id }) => id !== serviceId) }
}

/** The services without devices that are gone; one that has none left stays, and asks for one. */
export function withoutServicesOn(design: Design, gone: ReadonlySet<string>): Design {
  if (!design.services.some(({ parts }) => parts.some(({ pieceId }) => gone.has(pieceId)))) {
    return design
  }
  return {
    ...design,
    services: design.services.map((service) => ({
      ...service,
      parts: service.parts.filter(({ pieceId }) => !gone.has(pieceId)),
    })),
  }
}
