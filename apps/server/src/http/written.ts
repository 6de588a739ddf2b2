import type { Response } from 'express'

/** Writes, and waits until there is room for more. */
export async function written(response: Response, text: string): Promise<void> {
  if (response.write(text) || response.destroyed) return
  await new Promise<void>((done) => {
    response.once('drain', done)
    response.once('close', done)
  })
}
