/** What the window is called, the nearest thing first, so that tabs are told apart. */
export function PageTitle({ parts }: { parts: readonly string[] }) {
  return <title>{[...parts, 'Flint Shelf'].join(' · ')}</title>
}
