import './theme/fonts'
import './theme/sheet.css'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { designIdOf } from './api/designPath'
import { takeLinkKey } from './api/linkKey'
import { peopleApi } from './api/peopleApi'
import { App, fetchScreens } from './App'
import { PageJudge } from './evaluating/pageJudge'
import { startEvaluating } from './evaluating/startEvaluating'
import { keepFocus } from './keys/keepFocus'
import { FirstOpening } from './saving/firstOpening'
import { openKeptCopies } from './saving/keptCopies'
import { startSaver } from './saving/saver'
import { keepWays } from './saving/waysOfWindow'
import { claimWindowId, windowsOfBrowser } from './saving/windowId'
import { makeStore } from './store/store'

/** By then a screen has opened; until then nothing is done that it does not need. */
const AFTER_OPENING_MS = 2_000

const root = document.getElementById('root')
if (!root) throw new Error('The page has no root element.')

takeLinkKey(window)
const store = makeStore()
// Everything waits for the answers, so they are asked for before anything else is done.
void store.dispatch(peopleApi.endpoints.session.initiate())
const firstOpening = new FirstOpening(store, location.pathname)
const { prepare } = startEvaluating(store, { pageJudge: new PageJudge(whenIdle) })
if (designIdOf(location.pathname) !== null) prepare()
const windows = windowsOfBrowser()
const copies = await openKeptCopies(
  await claimWindowId(windows),
  () => windows.live(),
  localStorage,
)
startSaver(store, copies)
keepWays(store, window)
keepFocus(document)
whenIdle(() => void fetchScreens())

createRoot(root).render(
  <StrictMode>
    <App store={store} copies={copies} firstOpening={firstOpening} />
  </StrictMode>,
)

/** Once the page is there and has nothing to do; some browsers do not tell. */
function whenIdle(work: () => void): void {
  setTimeout(() => {
    if ('requestIdleCallback' in window) requestIdleCallback(work, { timeout: 4_000 })
    else work()
  }, AFTER_OPENING_MS)
}
