import { createContext, useContext } from 'react'
import { api } from '../api/api'
import { designIdOf } from '../api/designPath'
import type { Store } from '../store/store'

const askFor = (store: Store, designId: string) =>
  store.dispatch(api.endpoints.design.initiate(designId, { forceRefetch: true, subscribe: false }))
type Answer = ReturnType<typeof askFor>

/**
 * The design that the page began with, asked for before anything is drawn: what draws it need not wait for the way to
 * the server and back once more.
 */
export class FirstOpening {
  #first: { designId: string; answer: Answer } | null = null

  /** @param path of the page; only that of a design asks for one */
  constructor(store: Store, path: string) {
    const designId = designIdOf(path)
    if (designId !== null) this.#first = { designId, answer: askFor(store, designId) }
  }

  /** The answer about a design, once: who opens it later wants to know how it is then. */
  take(designId: string): Answer | null {
    const first = this.#first
    this.#first = null
    return first?.designId === designId ? first.answer : null
  }
}

export const FirstOpeningContext = createContext<FirstOpening | null>(null)

export const useFirstOpening = (): FirstOpening | null => useContext(FirstOpeningContext)
