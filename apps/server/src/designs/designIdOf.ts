import type { Request } from 'express'

/** The design in the address; who may do nothing with it, because it is none, is not let in this far. */
export const designIdOf = (request: Request): string => String(request.params.id)
