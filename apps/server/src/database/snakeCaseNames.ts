import { DefaultNamingStrategy } from 'typeorm'

/** `savedAt` in the code is `saved_at` in the database. */
export class SnakeCaseNames extends DefaultNamingStrategy {
  override columnName(propertyName: string, customName: string | undefined): string {
    return customName ?? propertyName.replace(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`)
  }
}
