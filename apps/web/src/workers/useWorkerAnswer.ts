import { type Remote, wrap } from 'comlink'
import { useEffect, useRef, useState } from 'react'

interface Answered<Answer> {
  /** Null until the first answer is there; the last one stays until the next comes. */
  answer: Answer | null
  failed: boolean
}

/**
 * What a worker of this component answers to the newest question.
 *
 * @param start makes the worker; the same function at every drawing
 * @param ask the question; another function is another question
 */
export function useWorkerAnswer<Asked, Answer>(
  start: () => Worker,
  ask: (asked: Remote<Asked>) => Promise<Answer>,
): Answered<Answer> {
  const [answered, setAnswered] = useState<Answered<Answer>>({ answer: null, failed: false })
  const asked = useRef<Remote<Asked> | null>(null)
  useEffect(() => {
    const worker = start()
    asked.current = wrap<Asked>(worker)
    return () => {
      worker.terminate()
    }
  }, [start])
  useEffect(() => {
    let isWanted = true
    if (!asked.current) return
    ask(asked.current).then(
      (answer) => {
        if (isWanted) setAnswered({ answer, failed: false })
      },
      () => {
        if (isWanted) setAnswered({ answer: null, failed: true })
      },
    )
    return () => {
      isWanted = false
    }
  }, [ask])
  return answered
}
