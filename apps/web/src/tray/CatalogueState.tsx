import { useParts } from '../api/useParts'
import { problemSentence } from '../api/problemOf'

/** That the catalogue is being read, or could not be. */
export function CatalogueState() {
  const { error, isLoading, refetch } = useParts()
  return (
    <>
      {isLoading && <p className="soft">Reading the catalogue …</p>}
      {error && (
        <p role="alert">
          {problemSentence(error)}{' '}
          <button type="button" className="plain-button" onClick={() => void refetch()}>
            Try again
          </button>
        </p>
      )}
    </>
  )
}
