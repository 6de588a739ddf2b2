import type { OpenChoice } from '@flint/core/figures'
import { useCallback } from 'react'
import { useNavigate } from 'react-router'
import { baysSelected } from '../store/sheetSlice'
import { useAppDispatch } from '../store/hooks'
import { selectBayPlan } from './selectors'
import { TO_OFFERS } from './toOffers'

/** Where something is chosen: the step, and the switch of it; null for what is chosen on the drawing. */
type Where = Pick<OpenChoice, 'step' | 'title'> & Partial<Pick<OpenChoice, 'choice'>>

/** Goes to where something is chosen, and brings the keyboard to its offers. */
export function useGoToChoice(): (choice: Where) => void {
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
