// Apart, so that the page fetches it when it has nothing else to do.
export { Evaluator } from '@flint/core/figures'
