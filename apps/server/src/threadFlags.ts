/**
 * Node's flags for threads whose code is an ES module.
 *
 * The pool of threads asks for the code with `require` first and imports it when that fails. On Node 20 that was seen
 * to end the whole server now and then while a thread started, out of `require` ("IsGraphAsync must be used on an
 * instantiated module"), so here `require` refuses ES modules from the beginning, as it did before Node 20.19 (from
 * memory).
 */
export const threadFlags = (): string[] => [...process.execArgv, '--no-experimental-require-module']
