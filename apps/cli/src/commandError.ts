/** A mistake in what was asked: one sentence on standard error, exit status 2. */
export class CommandError extends Error {}
