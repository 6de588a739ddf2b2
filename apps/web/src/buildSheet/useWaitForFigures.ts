import { selectDesign } from '../sheet/selectors'
import { waitBegun } from '../store/evaluatedSlice'
import { useAppDispatch } from '../store/hooks'

/** Works out the present document, whose figures were given up, for as long as that takes. */
export function useWaitForFigures(): () => void {
  const dispatch = useAppDispatch()
  return () => {
    dispatch((send, getState) => send(waitBegun(selectDesign(getState()))))
  }
}
