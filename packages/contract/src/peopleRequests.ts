import {
  IsBoolean,
  IsIn,
  IsInt,
  IsOptional,
  IsString,
  IsUUID,
  Length,
  Max,
  Min,
} from 'class-validator'
import {
  LONGEST_LINK_DAYS,
  LONGEST_PASSWORD,
  LONGEST_PERSON_NAME,
  SHORTEST_PASSWORD,
} from './bounds'
import { DESIGN_ACCESSES, type DesignAccess, TOKEN_SCOPES, type TokenScope } from './people'

const passwordLength = {
  message: `A password has ${SHORTEST_PASSWORD} to ${LONGEST_PASSWORD} characters.`,
}
const nameLength = { message: `A name has 1 to ${LONGEST_PERSON_NAME} characters.` }

/** Asks to sign in. */
export class SignIn {
  @IsString({ message: 'name must be a text.' })
  @Length(1, LONGEST_PERSON_NAME, nameLength)
  name!: string

  @IsString({ message: 'password must be a text.' })
  @Length(1, LONGEST_PASSWORD, passwordLength)
  password!: string
}

/** Asks for an account; its keeper tells its owner the password. */
export class MakeAccount {
  @IsString({ message: 'name must be a text.' })
  @Length(1, LONGEST_PERSON_NAME, nameLength)
  name!: string

  @IsString({ message: 'password must be a text.' })
  @Length(SHORTEST_PASSWORD, LONGEST_PASSWORD, passwordLength)
  password!: string

  @IsOptional()
  @IsBoolean({ message: 'isKeeper must be true or false.' })
  isKeeper?: boolean
}

/** Asks for the first account, with the code that was printed at the start. */
export class MakeFirstAccount {
  @IsString({ message: 'code must be a text.' })
  @Length(1, 40, { message: 'The code is on the terminal where Flint Shelf was started.' })
  code!: string

  @IsString({ message: 'name must be a text.' })
  @Length(1, LONGEST_PERSON_NAME, nameLength)
  name!: string

  @IsString({ message: 'password must be a text.' })
  @Length(SHORTEST_PASSWORD, LONGEST_PASSWORD, passwordLength)
  password!: string
}

/** Changes the account of somebody. */
export class ChangeAccount {
  @IsOptional()
  @IsBoolean({ message: 'isKeeper must be true or false.' })
  isKeeper?: boolean

  @IsOptional()
  @IsBoolean({ message: 'isDisabled must be true or false.' })
  isDisabled?: boolean

  @IsOptional()
  @IsString({ message: 'password must be a text.' })
  @Length(SHORTEST_PASSWORD, LONGEST_PASSWORD, passwordLength)
  password?: string
}

/** Changes one's own password. */
export class ChangePassword {
  @IsString({ message: 'passwordBefore must be a text.' })
  @Length(1, LONGEST_PASSWORD, passwordLength)
  passwordBefore!: string

  @IsString({ message: 'password must be a text.' })
  @Length(SHORTEST_PASSWORD, LONGEST_PASSWORD, passwordLength)
  password!: string
}

/** Asks for a token. */
export class MakeToken {
  @IsString({ message: 'name must be a text.' })
  @Length(1, LONGEST_PERSON_NAME, nameLength)
  name!: string

  @IsIn(TOKEN_SCOPES, { message: `scope must be one of ${TOKEN_SCOPES.join(', ')}.` })
  scope!: TokenScope
}

/** Says what somebody may do with a design; null takes it away. */
export class ShareDesign {
  @IsUUID(undefined, { message: 'accountId must be a UUID.' })
  accountId!: string

  @IsOptional()
  @IsIn(DESIGN_ACCESSES, { message: `may must be one of ${DESIGN_ACCESSES.join(', ')}, or null.` })
  may!: DesignAccess | null
}

/** Asks for a link with which anyone may look at a design. */
export class MakeLink {
  @IsInt({ message: 'days must be a whole number.' })
  @Min(1, { message: 'days must be at least 1.' })
  @Max(LONGEST_LINK_DAYS, { message: `days must be at most ${LONGEST_LINK_DAYS}.` })
  days!: number
}
