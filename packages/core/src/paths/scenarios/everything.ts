import { readers } from './readers'
import type { Scenario } from './scenario'
import { scrub } from './scrub'

/** A scrub while everybody reads. */
export const everything: Scenario = {
  id: 'everything',
  title: 'Scrub while all read',
  about: 'Every drive is scrubbed while every reader copies a file.',
  asks: { readers: 'readers' },
  flowsOf: (design, machine, choice) => {
    const [scrubbing, reading] = [scrub, readers].map(({ flowsOf }) =>
      flowsOf(design, machine, choice),
    )
    return {
      flows: [...(scrubbing?.flows ?? []), ...(reading?.flows ?? [])],
      ...(reading?.links && { links: reading.links }),
      ...(scrubbing?.surfacesOf && { surfacesOf: scrubbing.surfacesOf }),
    }
  },
}
