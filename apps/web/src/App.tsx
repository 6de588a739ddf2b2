import { ThemeProvider } from '@mui/material/styles'
import { Provider } from 'react-redux'
import { createBrowserRouter, Link, Navigate, RouterProvider } from 'react-router'
import { HatchDefinitions } from './drawing/hatches'
import { KeptCopiesContext } from './saving/keptCopiesContext'
import type { KeptCopies } from './saving/keptCopies'
import { LINK_PATH } from './api/linkKey'
import { AccountScreen } from './people/AccountScreen'
import { Door } from './people/Door'
import { FollowLink } from './people/FollowLink'
import { PartsScreen } from './parts/PartsScreen'
import { BuildSheet } from './buildSheet/BuildSheet'
import { PrintScreen } from './print/PrintScreen'
import { Shelf } from './shelf/Shelf'
import type { Store } from './store/store'
import { theme } from './theme/theme'

const router = createBrowserRouter([
  { path: '/', element: <Shelf /> },
  { path: '/account', element: <AccountScreen /> },
  { path: LINK_PATH, element: <FollowLink /> },
  { path: '/parts', element: <PartsScreen /> },
  { path: '/parts/:slug', element: <PartsScreen /> },
  { path: '/designs/:designId', element: <Navigate to="drives" replace /> },
  { path: '/designs/:designId/print', element: <PrintScreen /> },
  { path: '/designs/:designId/:lensId', element: <BuildSheet /> },
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

export function App({ store, copies }: { store: Store; copies: KeptCopies }) {
  return (
    <ThemeProvider theme={theme} defaultMode="system">
      <Provider store={store}>
        <KeptCopiesContext value={copies}>
          <HatchDefinitions />
          <Door>
            <RouterProvider router={router} />
          </Door>
        </KeptCopiesContext>
      </Provider>
    </ThemeProvider>
  )
}
