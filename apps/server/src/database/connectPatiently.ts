import type { DataSource } from 'typeorm'

/** Each waits up to five seconds for its connection: half a minute together, half of what the start command waits. */
const MOST_TRIES = 6

/**
 * Connects to a database that may only just have started: on a busy machine its first answers are late.
 *
 * @throws Error the last reason why it could not be connected to
 */
export async function connectPatiently(database: Pick<DataSource, 'initialize'>): Promise<void> {
  for (let tries = 1; ; tries += 1) {
    try {
      await database.initialize()
      return
    } catch (error) {
      if (tries === MOST_TRIES) throw error
    }
  }
}
