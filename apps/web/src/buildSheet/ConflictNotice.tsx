import { cutText } from '@flint/core/drawing'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { useCreateDesignMutation } from '../api/api'
import { problemSentence } from '../api/problemOf'
import { useAppDispatch, useAppSelector } from '../store/hooks'
import { selectDesign, selectSave } from '../sheet/selectors'
import { minePutOnTop, theirsTaken } from '../store/sheetSlice'
import styles from './sheet.module.css'

/** Two windows saved the same design: says so and lets the user decide. Nothing is lost either way. */
export function ConflictNotice() {
  const save = useAppSelector(selectSave)
  return save.kind === 'conflict' ? <Conflict revision={save.conflict.stored.revision} /> : null
}

function Conflict({ revision }: { revision: number }) {
  const dispatch = useAppDispatch()
  const navigate = useNavigate()
  const design = useAppSelector(selectDesign)
  const [createDesign] = useCreateDesignMutation()
  const [problem, setProblem] = useState<string | null>(null)

  async function keepAsOwn(): Promise<void> {
    const name = `${cutText(design.name, 100)}, other version`
    const result = await createDesign({ ...design, name })
    if (result.data) {
      dispatch(theirsTaken())
      await navigate(`/designs/${result.data.id}/drives`)
    } else {
      setProblem(problemSentence(result.error))
    }
  }

  return (
    <div className={styles.notice} role="alert">
      <span>
        Another window saved revision {revision} of this design while you worked on an earlier one.
        Both versions are kept.
      </span>
      <button type="button" className="plain-button" onClick={() => void keepAsOwn()}>
        Keep mine as a design of its own
      </button>
      <button type="button" className="plain-button" onClick={() => dispatch(minePutOnTop())}>
        Put mine on top
      </button>
      <button type="button" className="plain-button" onClick={() => dispatch(theirsTaken())}>
        Go on from theirs
      </button>
      {problem && <span>{problem}</span>}
    </div>
  )
}
