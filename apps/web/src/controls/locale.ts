import { formatterFor } from '@flint/core/drawing'

/** The user's digits and separators; the words are English. */
export const LOCALE = typeof navigator === 'undefined' ? 'en' : navigator.language

export const format = formatterFor(LOCALE)
