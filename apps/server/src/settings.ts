/** What the start script hands over in the environment. */
export interface Settings {
  host: string
  /** Names under which it may be asked, beside localhost and addresses. */
  hostNames: readonly string[]
  port: number
  database: { host: string; port: number; name: string; user: string; password: string }
  /** The folder with the built web application. */
  webFolder: string
  /** The folder with the demo catalogue and designs. */
  demoFolder: string
  logLevel: string
  /** Whether it can be reached from elsewhere, so that people have to sign in. */
  needsAccounts: boolean
  /** With which the first account can be made; null where none can. */
  firstCode: string | null
  /** What the cookies of sessions are signed with. */
  sessionSecret: string
  /** Addresses whose word is taken for who asks and how, as Express names them; null without a proxy. */
  proxy: string | null
  /** A certificate and its key, in PEM; null to speak plain HTTP. */
  certificate: { cert: string; key: string } | null
}

const HERE_ONLY = /^(127\.\d+\.\d+\.\d+|::1|localhost)$/

/** @throws Error with a sentence that names the variable */
export function readSettings(environment: NodeJS.ProcessEnv): Settings {
  const required = (name: string): string => {
    const value = environment[name]
    if (!value) throw new Error(`${name} is not set; start Flint Shelf with npm start.`)
    return value
  }
  const port = (name: string): number => {
    const value = Number(required(name))
    if (!Number.isInteger(value) || value < 1 || value > 65_535) {
      throw new Error(`${name} must be a port from 1 to 65535.`)
    }
    return value
  }
  const host = environment.FLINT_HOST ?? '127.0.0.1'
  const proxy = environment.FLINT_PROXY ?? null
  const needsAccounts =
    !HERE_ONLY.test(host) || proxy !== null || environment.FLINT_ACCOUNTS === '1'
  const [cert, key] = [environment.FLINT_CERTIFICATE_PEM, environment.FLINT_KEY_PEM]
  return {
    host,
    hostNames: [environment.FLINT_HOST ?? '', ...(environment.FLINT_HOST_NAMES ?? '').split(',')]
      .map((name) => name.trim())
      .filter((name) => name !== ''),
    port: port('FLINT_PORT'),
    database: {
      host: '127.0.0.1',
      port: port('FLINT_DB_PORT'),
      name: required('FLINT_DB_NAME'),
      user: required('FLINT_DB_USER'),
      password: required('FLINT_DB_PASSWORD'),
    },
    webFolder: required('FLINT_WEB_FOLDER'),
    demoFolder: required('FLINT_DEMO_FOLDER'),
    logLevel: environment.FLINT_LOG_LEVEL ?? 'info',
    needsAccounts,
    firstCode: environment.FLINT_FIRST_CODE ?? null,
    sessionSecret: needsAccounts ? required('FLINT_SESSION_SECRET') : '',
    proxy,
    certificate: cert && key ? { cert, key } : null,
  }
}
