import { RateLimiterMemory, type RateLimiterRes } from 'rate-limiter-flexible'
import { HttpProblem } from '../http/problems'

/** Wrong attempts that one address, and one name, may make before the door stays shut for a while. */
const MOST_OF_ADDRESS = 20
const MOST_OF_NAME = 10
const WINDOW_SECONDS = 15 * 60

/** Counts wrong passwords and codes. */
export class Attempts {
  readonly #ofAddress = new RateLimiterMemory({ points: MOST_OF_ADDRESS, duration: WINDOW_SECONDS })
  readonly #ofName = new RateLimiterMemory({ points: MOST_OF_NAME, duration: WINDOW_SECONDS })

  /** Counts an attempt before it is looked at, so that many at once are counted too. @throws HttpProblem 429 */
  async begin(address: string, name: string): Promise<void> {
    try {
      await this.#ofAddress.consume(address)
      await this.#ofName.consume(name)
    } catch (refused) {
      const seconds = Math.ceil((refused as RateLimiterRes).msBeforeNext / 1_000)
      throw new HttpProblem(
        429,
        'Too many attempts',
        `That were too many wrong attempts. Try again in ${Math.ceil(seconds / 60)} minutes.`,
      )
    }
  }

  /** What was right takes its attempt back, and all wrong ones of that name. */
  async succeed(address: string, name: string): Promise<void> {
    await this.#ofAddress.reward(address)
    await this.#ofName.delete(name)
  }
}
