/** The design whose page this is; null for the path of any other page. */
export function designIdOf(path: string): string | null {
  const [, designId] = /^\/designs\/([^/]+)/.exec(path) ?? []
  return designId ?? null
}
