import { EventEmitter } from 'node:events'
import type { LiveReading } from '@flint/contract'

/** Tells whoever listens to the meter of a design what comes in. */
export class LiveReadings {
  readonly #emitter = new EventEmitter().setMaxListeners(0)

  send(designId: string, reading: LiveReading): void {
    this.#emitter.emit(designId, reading)
  }

  /** @returns what stops it */
  follow(designId: string, listener: (reading: LiveReading) => void): () => void {
    this.#emitter.on(designId, listener)
    return () => {
      this.#emitter.off(designId, listener)
    }
  }
}
