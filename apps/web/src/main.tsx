import './theme/fonts'
import './theme/sheet.css'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { takeLinkKey } from './api/linkKey'
import { App, fetchScreens } from './App'
import { startEvaluating } from './evaluating/startEvaluating'
import { keepFocus } from './keys/keepFocus'
import { openKeptCopies } from './saving/keptCopies'
import { startSaver } from './saving/saver'
import { claimWindowId, windowsOfBrowser } from './saving/windowId'
import { makeStore } from './store/store'

const root = document.getElementById('root')
if (!root) throw new Error('The page has no root element.')

takeLinkKey(window)
const store = makeStore()
startEvaluating(store)
const windows = windowsOfBrowser()
const copies = await openKeptCopies(
  await claimWindowId(windows),
  () => windows.live(),
  localStorage,
)
startSaver(store, copies)
keepFocus(document)
whenIdle(() => void fetchScreens())

createRoot(root).render(
  <StrictMode>
    <App store={store} copies={copies} />
  </StrictMode>,
)

/** Once the page has nothing to do; some browsers do not tell. */
function whenIdle(work: () => void): void {
  if ('requestIdleCallback' in window) requestIdleCallback(work, { timeout: 4_000 })
  else setTimeout(work, 1_500)
}
