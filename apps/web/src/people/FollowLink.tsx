import { Navigate } from 'react-router'
import { useSessionQuery } from '../api/peopleApi'

/** Opens the design that the link of this tab is for. */
export function FollowLink() {
  const { data: session } = useSessionQuery()
  if (session?.kind === 'link') {
    return <Navigate to={`/designs/${session.designId}/drives`} replace />
  }
  return <Navigate to="/" replace />
}
