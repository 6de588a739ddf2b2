/** Which backups of a folder may go, of all its file names. */
export function prunable(names: readonly string[]): string[]
