import type { Request, Response } from 'express'
import { leaveTurn, tooBusy } from '../http/inTurn'

/** Streams that are open at the same time, of all clients and of one. */
const MOST_STREAMS = 200
const MOST_STREAMS_OF_ONE = 20
/** A line that says nothing, so that nobody between thinks that the connection is dead. */
const STILL_THERE_MS = 15_000

/** Server-sent events, as the HTML standard has them (text/event-stream). */
export class EventStreams {
  readonly #open = new Map<string, number>()
  #count = 0

  /**
   * Opens a stream, which no longer counts as a request under way.
   * @returns what sends an event
   * @throws HttpProblem 503 when too many are open
   */
  open(
    request: Request,
    response: Response,
    onClose: () => void,
  ): (event: string, data: unknown) => void {
    const client = request.socket.remoteAddress ?? ''
    const ofOne = this.#open.get(client) ?? 0
    if (this.#count >= MOST_STREAMS || ofOne >= MOST_STREAMS_OF_ONE) throw tooBusy()
    this.#count += 1
    this.#open.set(client, ofOne + 1)
    response.writeHead(200, {
      'Content-Type': 'text/event-stream',
      // What would gather it, to press it together, would hold it back.
      'Cache-Control': 'no-cache, no-transform',
      'X-Accel-Buffering': 'no',
    })
    response.write(': a meter\n\n')
    leaveTurn(response)
    const stillThere = setInterval(() => response.write(':\n\n'), STILL_THERE_MS)
    response.once('close', () => {
      clearInterval(stillThere)
      this.#count -= 1
      const left = (this.#open.get(client) ?? 1) - 1
      if (left > 0) this.#open.set(client, left)
      else this.#open.delete(client)
      onClose()
    })
    return (event, data) => {
      response.write(`event: ${event}\ndata: ${JSON.stringify(data)}\n\n`)
    }
  }
}
