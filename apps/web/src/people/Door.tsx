import type { Session } from '@flint/contract'
import type { ReactNode } from 'react'
import { useEffect } from 'react'
import { useSessionQuery } from '../api/peopleApi'
import { FirstAccount } from './FirstAccount'
import { SignInPage } from './SignInPage'
import { SignInDialog } from './SignInDialog'
import { useAppDispatch, useAppSelector } from '../store/hooks'
import { cameIn } from '../store/doorSlice'

/**
 * Asks who it is before anything is shown, where the server wants to know. Who was in already keeps what is open
 * and signs in on top of it; a server that does not answer keeps nobody out of the work that this browser has.
 */
export function Door({ children }: { children: ReactNode }) {
  const dispatch = useAppDispatch()
  const { isSignedOut, wasIn } = useAppSelector(({ door }) => door)
  const { data: session, error, isLoading, refetch } = useSessionQuery()
  const kind = session?.kind

  useEffect(() => {
    if (!isSignedOut) return
    // Who turns out to be in still is told of the next time that they are not.
    void refetch().then(({ data }) => {
      if (isIn(data?.kind)) dispatch(cameIn())
    })
  }, [isSignedOut, refetch, dispatch])
  useEffect(() => {
    if (isIn(kind)) dispatch(cameIn())
  }, [kind, dispatch])

  if (isLoading) return <p className="soft">Opening Flint Shelf …</p>
  if (kind === 'no account yet') return <FirstAccount />
  if (kind === 'signed out' && !wasIn) return <SignInPage />
  return (
    <>
      {children}
      {kind === 'signed out' && !error && <SignInDialog />}
    </>
  )
}

const isIn = (kind: Session['kind'] | undefined): boolean =>
  kind === 'house' || kind === 'account' || kind === 'link'
