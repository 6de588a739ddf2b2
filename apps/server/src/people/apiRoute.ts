import type { DesignRight } from '@flint/contract'
import { type Request, type Response, Router } from 'express'
import { HttpProblem, noSuchDesign } from '../http/problems'
import { isAllowed, type Need, RIGHT_FOR } from './need'
import type { Principal } from './principal'

/** One thing that the server can be asked for. */
export interface ApiRoute {
  method: 'get' | 'post' | 'put' | 'delete'
  /** Below /api. The design that it is about, if any, is `:id`. */
  path: string
  needs: Need
  /** What it does, as the list of changes says it: "saved". Null for what changes nothing that is listed. */
  does: string | null
  answer: (request: Request, response: Response) => Promise<void> | void
}

/** What the router has to know of others. */
export interface Guard {
  principalOf: (request: Request) => Principal
  /** What somebody may do with a design; null for one that is not there or is not theirs to see. */
  rightTo: (principal: Principal, designId: string) => Promise<DesignRight | null>
  /** Never fails: what was done is done. */
  noteChange: (
    principal: Principal,
    route: ApiRoute,
    request: Request,
    /** What the change was about, where the address does not say it. */
    about: string | null,
  ) => Promise<void>
}

/** The routes, each behind what it needs. A change that was made is noted before it is answered. */
export function guardedRouter(routes: readonly ApiRoute[], guard: Guard): Router {
  const router = Router()
  for (const route of routes) {
    const { method, path, needs, does, answer } = route
    router[method](path, async (request, response) => {
      const principal = guard.principalOf(request)
      const isOfDesign = RIGHT_FOR[needs] !== undefined
      const { id = '' } = request.params
      const right = isOfDesign ? await guard.rightTo(principal, String(id)) : null
      if (!isAllowed(principal, needs, right))
        throw refusal(principal, isOfDesign && right === null)
      setRight(response, right)
      if (does === null) return answer(request, response)
      // Its answer waits for the note, so that nobody reads a list that lacks what they have just done.
      const send = response.end.bind(response)
      response.end = ((...all: Parameters<typeof send>) => {
        response.end = send
        if (response.statusCode >= 400) return send(...all)
        void guard.noteChange(principal, route, request, aboutOf(response)).then(() => send(...all))
        return response
      }) as typeof response.end
      return answer(request, response)
    })
  }
  return router
}

/** Says what a change was about, where the address does not: the name of an account that was made. */
export function isAbout(response: Response, about: string): void {
  response.locals.about = about
}

const aboutOf = (response: Response): string | null =>
  (response.locals.about as string | undefined) ?? null

function setRight(response: Response, right: DesignRight | null): void {
  response.locals.right = right
}

/** What whoever asks may do with the design in the address. */
export function rightOf(response: Response): DesignRight {
  return (response.locals.right as DesignRight | null) ?? 'look'
}

function refusal(principal: Principal, isNotSeen: boolean): HttpProblem {
  if (principal.kind === 'nobody') {
    return new HttpProblem(401, 'Sign in', 'Sign in first.')
  }
  // Who may not see a design is not told that it is there.
  if (isNotSeen) return noSuchDesign()
  return new HttpProblem(403, 'Not allowed', 'You may look at this, but not do that with it.')
}
