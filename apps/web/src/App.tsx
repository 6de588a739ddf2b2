import { ThemeProvider } from '@mui/material/styles'
import { Provider } from 'react-redux'
import { createBrowserRouter, Link, Navigate, RouterProvider } from 'react-router'
import { HatchDefinitions } from './drawing/hatches'
import { type FirstOpening, FirstOpeningContext } from './saving/firstOpening'
import { KeptCopiesContext } from './saving/keptCopiesContext'
import type { KeptCopies } from './saving/keptCopies'
import { LINK_PATH } from './api/linkKey'
import { Door } from './people/Door'
import { FollowLink } from './people/FollowLink'
import { Shelf } from './shelf/Shelf'
import type { Store } from './store/store'
import { theme } from './theme/theme'

/** Each is fetched when it is gone to, or before, when the page has nothing else to do. */
const screens = {
  sheet: async () => ({ Component: (await import('./buildSheet/BuildSheet')).BuildSheet }),
  parts: async () => ({ Component: (await import('./parts/PartsScreen')).PartsScreen }),
  print: async () => ({ Component: (await import('./print/PrintScreen')).PrintScreen }),
  bench: async () => ({ Component: (await import('./bench/BenchScreen')).BenchScreen }),
  compare: async () => ({ Component: (await import('./compare/CompareScreen')).CompareScreen }),
  prices: async () => ({ Component: (await import('./prices/PricesScreen')).PricesScreen }),
  account: async () => ({ Component: (await import('./people/AccountScreen')).AccountScreen }),
}

/** Fetches the screens that are likely to be gone to next, so that none is waited for. */
export async function fetchScreens(): Promise<void> {
  await screens.sheet()
  await screens.parts()
  await screens.print()
}

const opening = <p className="soft">Opening …</p>

const router = createBrowserRouter([
  { path: '/', element: <Shelf /> },
  { path: '/account', lazy: screens.account, hydrateFallbackElement: opening },
  { path: LINK_PATH, element: <FollowLink /> },
  { path: '/parts', lazy: screens.parts, hydrateFallbackElement: opening },
  { path: '/parts/:slug', lazy: screens.parts, hydrateFallbackElement: opening },
  { path: '/compare', lazy: screens.compare, hydrateFallbackElement: opening },
  { path: '/prices', lazy: screens.prices, hydrateFallbackElement: opening },
  { path: '/prices/:slug', lazy: screens.prices, hydrateFallbackElement: opening },
  { path: '/designs/:designId', element: <Navigate to="drives" replace /> },
  { path: '/designs/:designId/print', lazy: screens.print, hydrateFallbackElement: opening },
  { path: '/designs/:designId/bench', lazy: screens.bench, hydrateFallbackElement: opening },
  { path: '/designs/:designId/:lensId', lazy: screens.sheet, hydrateFallbackElement: opening },
  {
    path: '*',
    element: (
      <main style={{ padding: 24 }}>
        <h1>There is nothing at this address</h1>
        <Link to="/">To the shelf</Link>
      </main>
    ),
  },
])

interface AppProps {
  store: Store
  copies: KeptCopies
  firstOpening: FirstOpening
}

export function App({ store, copies, firstOpening }: AppProps) {
  return (
    <ThemeProvider theme={theme} defaultMode="system">
      <Provider store={store}>
        <KeptCopiesContext value={copies}>
          <FirstOpeningContext value={firstOpening}>
            <HatchDefinitions />
            <Door>
              <RouterProvider router={router} />
            </Door>
          </FirstOpeningContext>
        </KeptCopiesContext>
      </Provider>
    </ThemeProvider>
  )
}
