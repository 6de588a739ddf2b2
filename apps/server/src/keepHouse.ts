import type { Logger } from 'pino'
import type { House } from './app'

const HOUR_MS = 60 * 60 * 1_000

/**
 * What is done without being asked for, at the start and every hour: summaries that another build made are worked
 * out again, and revisions of days that are over are thinned.
 *
 * @returns ends it
 */
export function keepHouse({ summaries, past }: House, logger: Logger): () => void {
  const round = async (): Promise<void> => {
    try {
      await summaries.fillIn()
      const thinned = await past.thin(new Date())
      if (thinned > 0) logger.info({ thinned }, 'revisions thinned')
    } catch {
      // The database is away; it is tried again in an hour.
    }
  }
  void round()
  const timer = setInterval(() => void round(), HOUR_MS)
  return () => {
    clearInterval(timer)
  }
}
