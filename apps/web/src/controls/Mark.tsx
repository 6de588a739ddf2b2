/** Two flints leaning on each other. */
export function Mark() {
  return (
    <svg width="20" height="22" viewBox="0 0 20 22" aria-hidden="true">
      <path d="M7 1 1 15l3 6h5V6z" fill="var(--ink)" />
      <path d="m11 3 3-1 5 14-3 5h-5z" fill="var(--spark)" />
    </svg>
  )
}
