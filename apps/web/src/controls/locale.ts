import { spellerFor } from '@flint/core'

/** The user's digits and separators; the words are English. */
export const LOCALE = typeof navigator === 'undefined' ? 'en' : navigator.language

export const say = spellerFor(LOCALE)
