import { PROTOCOL } from './readingFields'

/** How a meter is read so that its figure is worth something. */
export function Protocol() {
  return (
    <details>
      <summary>How to read a meter</summary>
      <ol>
        {PROTOCOL.map((step) => (
          <li key={step}>{step}</li>
        ))}
      </ol>
    </details>
  )
}
