import { format } from './locale'

/** A day as its reader writes it: "26 November 2026". */
export const plainDate = (date: Date): string =>
  new Intl.DateTimeFormat(format.locale, { dateStyle: 'long' }).format(date)
