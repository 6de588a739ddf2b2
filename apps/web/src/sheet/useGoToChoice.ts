import type { OpenChoice } from '@flint/core/figures'
import { useCallback } from 'react'
import { useNavigate } from 'react-router'
import { baysSelected } from '../store/sheetSlice'
import { useAppDispatch } from '../store/hooks'
import { selectBayPlan } from './selectors'
import { TO_OFFERS } from './toOffers'

/** Goes to where an open choice is made, and brings the keyboard to its offers. */
export function useGoToChoice(): (choice: OpenChoice) => void {
  const navigate = useNavigate()
  const dispatch = useAppDispatch()
  return useCallback(
    ({ choice, step, title }) => {
      if (choice === 'layout') {
        // What is to be laid out is chosen already: every drive that is in no pool.
        dispatch((send, getState) => {
          const loose = selectBayPlan(getState()).bays.filter(({ drive }) => drive?.member === null)
          send(baysSelected(loose.map(({ bay }) => bay.id)))
        })
      }
      const search = title === null ? '' : `?choose=${encodeURIComponent(title)}`
      void navigate(`../${step}${search}`, { relative: 'path', state: TO_OFFERS })
    },
    [navigate, dispatch],
  )
}
