import { type Design, newDesign, renameDesign } from '@flint/core/editing'
import { evaluate, type Evaluation, Evaluator } from '@flint/core/figures'
import { selectCheckpointEvaluation, selectGaveUp, selectIsBehind } from '../sheet/selectors'
import { type EvaluatedRole, waitBegun } from '../store/evaluatedSlice'
import { closed, edited, opened, previewed, undone } from '../store/sheetSlice'
import { makeStore } from '../store/store'
import type { EvaluationWorker } from './evaluationThread'
import { PageJudge } from './pageJudge'
import { startEvaluating } from './startEvaluating'

const TIMES = { startMs: 200, budgetMs: 60, outdatedMs: 20 }

/** A thread that works out nothing until it is told to, so that a test says what takes how long. */
class SlowThread implements EvaluationWorker {
  static begun: SlowThread[] = []
  static startsAtOnce = true
  asked: { role: EvaluatedRole; name: string; answer: () => void; fail: () => void }[] = []
  isEnded = false
  isReady: () => unknown = () => null
  breaks: () => unknown = () => null
  readonly ready: Promise<unknown>

  constructor() {
    SlowThread.begun.push(this)
    this.ready = new Promise((resolve, reject) => {
      this.isReady = () => {
        resolve(null)
      }
      this.breaks = () => {
        reject(new Error('Its code cannot be read.'))
      }
    })
    if (SlowThread.startsAtOnce) this.isReady()
  }

  evaluate(role: EvaluatedRole, design: Design): Promise<Evaluation> {
    return new Promise((resolve, reject) => {
      this.asked.push({
        role,
        name: design.name,
        answer: () => {
          resolve(evaluate(design))
        },
        fail: () => {
          reject(new Error('It broke.'))
        },
      })
    })
  }

  end(): void {
    this.isEnded = true
  }

  static get newest(): SlowThread {
    const thread = SlowThread.begun.at(-1)
    if (!thread) throw new Error('No thread was begun.')
    return thread
  }

  /** What is being worked out. */
  static get now() {
    const last = SlowThread.newest.asked.at(-1)
    if (!last) throw new Error('Nothing was asked.')
    return last
  }
}

const settle = (ms = 0) => new Promise((resolve) => setTimeout(resolve, ms))
const answer = async (): Promise<void> => {
  SlowThread.now.answer()
  await settle()
}

let store = makeStore()
const state = () => store.getState()
const shownName = () => state().evaluated.present?.design.name
const rename = (name: string): void => {
  const present = state().sheet.open?.history.present ?? newDesign('none')
  store.dispatch(edited({ label: name, design: renameDesign(present, name) }))
}
/** What is to be done when there is nothing else to do. */
let idle: (() => void)[] = []
const idleNow = async (): Promise<void> => {
  for (const work of idle.splice(0)) work()
  await settle()
}
const judge = (load = () => Promise.resolve(new Evaluator())) =>
  new PageJudge((work) => idle.push(work), load)

const open = (name: string): void => {
  store.dispatch(
    opened({
      stored: { id: name, revision: 1, savedAt: '', document: newDesign(name) },
      kept: null,
    }),
  )
}

beforeEach(() => {
  SlowThread.begun = []
  SlowThread.startsAtOnce = true
  store = makeStore()
  idle = []
  startEvaluating(store, { begin: () => new SlowThread(), times: TIMES, pageJudge: judge() })
})

test('the figures of a sheet come when they are worked out, and always belong to their document', async () => {
  open('first')
  expect(state().evaluated.present).toBeNull()
  await answer()
  expect(state().evaluated.present?.design).toBe(state().sheet.open?.history.present)
  expect(state().evaluated.present?.evaluation).toEqual(evaluate(newDesign('first')))
  rename('second')
  expect(selectIsBehind(state())).toBe(true)
  expect(shownName()).toBe('first')
  await answer()
  expect(selectIsBehind(state())).toBe(false)
})

test('what changes are counted from is not worked out twice', async () => {
  open('first')
  await answer()
  const { evaluation } = state().evaluated.present ?? {}
  expect(selectCheckpointEvaluation(state())).toBeNull()
  rename('second')
  expect(selectCheckpointEvaluation(state())).toBe(evaluation)
  await answer()
  store.dispatch(undone())
  // Going back to a document whose figures are at hand asks nobody.
  expect(shownName()).toBe('first')
  expect(SlowThread.newest.asked.map(({ name }) => name)).toEqual(['first', 'second'])
})

test('of many edits only the newest is begun, and the present document goes before a choice pointed at', async () => {
  open('first')
  rename('second')
  rename('third')
  store.dispatch(previewed(newDesign('pointed at')))
  rename('fourth')
  store.dispatch(previewed(newDesign('pointed at')))
  await answer()
  expect(shownName()).toBe('first')
  await answer()
  await answer()
  expect(shownName()).toBe('fourth')
  expect(SlowThread.newest.asked.map(({ name }) => name)).toEqual(['first', 'fourth', 'pointed at'])
})

test('a document that takes too long is given up with its thread, and waited for on demand', async () => {
  open('endless')
  await settle(TIMES.budgetMs + 30)
  expect(SlowThread.newest.isEnded).toBe(true)
  const { gaveUp } = state().evaluated
  expect(gaveUp).toMatchObject({ why: 'too long', design: { name: 'endless' } })
  expect(selectGaveUp(state())).not.toBeNull()
  if (gaveUp) store.dispatch(waitBegun(gaveUp.design))
  await settle(TIMES.budgetMs + 30)
  expect(SlowThread.newest.isEnded).toBe(false)
  await answer()
  expect(shownName()).toBe('endless')
  expect(state().evaluated.gaveUp).toBeNull()
})

test('a document that nobody wants any more is stopped early, and nothing is said of it', async () => {
  open('first')
  await answer()
  rename('endless')
  rename('quick')
  await settle(TIMES.outdatedMs + 25)
  expect(SlowThread.begun).toHaveLength(2)
  expect(SlowThread.now.name).toBe('quick')
  await answer()
  expect(shownName()).toBe('quick')
  expect(state().evaluated.gaveUp).toBeNull()
})

test('a choice that is pointed at never holds up the present document', async () => {
  open('first')
  await answer()
  store.dispatch(previewed(newDesign('endless')))
  rename('second')
  await settle(TIMES.outdatedMs + 25)
  expect(SlowThread.now).toMatchObject({ role: 'present', name: 'second' })
})

describe('a thread that takes long to start', () => {
  beforeEach(() => {
    SlowThread.startsAtOnce = false
  })

  test('counts no time until it is ready, neither for a design nor for one that was overtaken', async () => {
    open('first')
    rename('second')
    await settle(TIMES.budgetMs + 30)
    expect(SlowThread.begun).toHaveLength(1)
    expect(state().evaluated.gaveUp).toBeNull()
    SlowThread.newest.isReady()
    SlowThread.startsAtOnce = true
    await settle(TIMES.outdatedMs + 25)
    expect(SlowThread.begun).toHaveLength(2)
    expect(SlowThread.now.name).toBe('second')
    await settle(TIMES.budgetMs + 30)
    expect(state().evaluated.gaveUp).toMatchObject({ why: 'too long', design: { name: 'second' } })
  })

  test('and is never ready is given up too', async () => {
    open('first')
    await settle(TIMES.startMs + 30)
    expect(SlowThread.newest.isEnded).toBe(true)
    expect(state().evaluated.gaveUp).toMatchObject({ why: 'not started' })
  })

  test('and cannot read its code fails, and the next change begins another', async () => {
    open('first')
    SlowThread.newest.breaks()
    await settle()
    expect(state().evaluated.gaveUp).toMatchObject({ why: 'failed' })
    SlowThread.startsAtOnce = true
    rename('second')
    expect(SlowThread.begun).toHaveLength(2)
    await answer()
    expect(shownName()).toBe('second')
  })
})

test('a thread that breaks is told apart from one that is slow, and the next change is worked out', async () => {
  open('first')
  SlowThread.now.fail()
  await settle()
  expect(selectGaveUp(state())).toMatchObject({ why: 'failed' })
  rename('second')
  expect(selectGaveUp(state())).toBeNull()
  await answer()
  expect(shownName()).toBe('second')
})

test('figures of a sheet that was left are not shown in the next', async () => {
  open('first')
  const before = SlowThread.now
  store.dispatch(closed())
  open('second')
  before.answer()
  await settle()
  expect(state().evaluated.present).toBeNull()
  await answer()
  expect(shownName()).toBe('second')
})

describe('what leaves the machine alone', () => {
  const changePaths = (): void => {
    const present = state().sheet.open?.history.present ?? newDesign('none')
    const paths = { ...present.paths, members: 'together' as const }
    const design = { ...present, name: 'other cables', paths }
    store.dispatch(edited({ label: 'other cables', design }))
  }

  test('is judged on the page with the edit, once it had nothing else to do', async () => {
    open('first')
    await answer()
    rename('before')
    expect(shownName()).toBe('first')
    await answer()
    await idleNow()
    rename('second')
    expect(shownName()).toBe('second')
    expect(state().evaluated.present?.evaluation).toEqual(evaluate(newDesign('second')))
    expect(SlowThread.newest.asked.map(({ name }) => name)).toEqual(['first', 'before'])
  })

  test('and the first change counts from what is at hand', async () => {
    open('first')
    await answer()
    await idleNow()
    const { evaluation } = state().evaluated.present ?? {}
    rename('second')
    expect(selectCheckpointEvaluation(state())).toBe(evaluation)
    expect(SlowThread.newest.asked).toHaveLength(1)
  })

  test('other cables are worked out by the thread, and then the page is ready again', async () => {
    open('first')
    await answer()
    await idleNow()
    changePaths()
    expect(shownName()).toBe('first')
    rename('waits for it')
    expect(shownName()).toBe('first')
    await answer()
    await answer()
    expect(shownName()).toBe('waits for it')
    await idleNow()
    rename('third')
    expect(shownName()).toBe('third')
    expect(SlowThread.newest.asked.map(({ name }) => name)).toEqual([
      'first',
      'other cables',
      'waits for it',
    ])
  })

  test('a late answer of the thread takes the place of nothing that is newer', async () => {
    open('first')
    await answer()
    rename('late')
    const late = SlowThread.now
    await idleNow()
    rename('newer')
    expect(shownName()).toBe('newer')
    late.answer()
    await settle()
    expect(shownName()).toBe('newer')
    expect(selectIsBehind(state())).toBe(false)
  })

  test('is left to the thread while the page cannot read the code for it', async () => {
    let isThere = false
    store = makeStore()
    startEvaluating(store, {
      begin: () => new SlowThread(),
      times: TIMES,
      pageJudge: judge(() =>
        isThere ? Promise.resolve(new Evaluator()) : Promise.reject(new Error('It is not there.')),
      ),
    })
    open('first')
    await answer()
    await idleNow()
    rename('second')
    expect(shownName()).toBe('first')
    isThere = true
    await answer()
    await idleNow()
    rename('third')
    expect(shownName()).toBe('third')
  })

  test('a machine that takes the page too long is left to the thread', async () => {
    class Slow extends Evaluator {
      override evaluate(design: Design): Evaluation {
        const begun = performance.now()
        while (performance.now() - begun < 12);
        return super.evaluate(design)
      }
    }
    store = makeStore()
    startEvaluating(store, {
      begin: () => new SlowThread(),
      times: TIMES,
      pageJudge: judge(() => Promise.resolve(new Slow())),
    })
    open('first')
    await answer()
    await idleNow()
    rename('second')
    expect(shownName()).toBe('second')
    rename('third')
    expect(shownName()).toBe('second')
  })
})
