import { usePartsQuery } from './api'

/** Seconds after which the catalogue is asked for again when something new shows it. */
const FRESH_SECONDS = 60

/** The catalogue; every pane that shows parts shares one copy. */
export function useParts() {
  return usePartsQuery(undefined, { refetchOnMountOrArgChange: FRESH_SECONDS })
}
