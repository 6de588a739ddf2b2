import type { RequestHandler, Response } from 'express'
import pLimit from 'p-limit'
import { HttpProblem } from './problems'

export interface TurnSettings {
  /** Requests that are worked on at the same time; fewer than the database has connections. */
  atOnce: number
  /** Requests that may wait for their turn, of all clients and of one. */
  mostWaiting: number
  mostWaitingOfOne: number
  /** How long one may wait, and then how long it may take, milliseconds. */
  longestWaitMs: number
  longestWorkMs: number
}

export const USUAL_TURNS: TurnSettings = {
  atOnce: 8,
  mostWaiting: 1_000,
  mostWaitingOfOne: 700,
  longestWaitMs: 10_000,
  longestWorkMs: 15_000,
}

/**
 * Lets requests in a few at a time, so that a crowd waits for its turn instead of for a connection to the database.
 * Who waits too long, or comes when too many wait already, is told when to come again.
 */
export function inTurn(settings: TurnSettings = USUAL_TURNS): RequestHandler {
  const turn = pLimit(settings.atOnce)
  const waitingOf = new Map<string, number>()
  return (request, response, next) => {
    const client = request.socket.remoteAddress ?? ''
    const waiting = waitingOf.get(client) ?? 0
    if (turn.pendingCount >= settings.mostWaiting || waiting >= settings.mostWaitingOfOne) {
      throw tooBusy()
    }
    waitingOf.set(client, waiting + 1)
    const noLongerWaiting = (): void => {
      const left = (waitingOf.get(client) ?? 1) - 1
      if (left > 0) waitingOf.set(client, left)
      else waitingOf.delete(client)
    }
    let isOver = false
    const giveUp = (): void => {
      if (isOver || response.headersSent) return
      isOver = true
      next(tooBusy())
    }
    let late = setTimeout(giveUp, settings.longestWaitMs)
    void turn(async () => {
      noLongerWaiting()
      clearTimeout(late)
      if (isOver || response.destroyed) return
      late = setTimeout(giveUp, settings.longestWorkMs)
      await new Promise<void>((done) => {
        response.once('close', done)
        response.locals.leaveTurn = done
        next()
      })
      isOver = true
      clearTimeout(late)
    })
  }
}

/** Lets the next one in although this answer goes on, as a stream of events does. */
export function leaveTurn(response: Response): void {
  const leave = response.locals.leaveTurn as (() => void) | undefined
  leave?.()
}

/** Seconds after which a client that was turned away may ask again. */
export const COME_AGAIN_SECONDS = 2

export function tooBusy(): HttpProblem {
  return new HttpProblem(
    503,
    'Busy',
    'The server has too much to do at the moment; ask again in a few seconds.',
  )
}
