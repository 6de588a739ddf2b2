import { type ChildProcess, spawn } from 'node:child_process'
import { once } from 'node:events'
import { createServer, type AddressInfo } from 'node:net'
import { join } from 'node:path'
import { makeTestDatabase } from '../../tests/support/testDatabase'
import { bringBackPristine } from './pristine'

const ROOT = join(import.meta.dirname, '..', '..')
const PATIENCE_MS = 90_000

/** The built server over a database of its own; it can be stopped and started again. */
export class House {
  private server: ChildProcess | null = null

  private constructor(
    readonly url: string,
    private readonly environment: NodeJS.ProcessEnv,
  ) {}

  /** @param settings beside the usual ones, as the start command hands them over */
  static async open(settings: Record<string, string> = {}): Promise<House> {
    const database = await makeTestDatabase(process.env.FLINT_TEMPLATE)
    const port = await freePort()
    const house = new House(`http://127.0.0.1:${port}`, {
      ...process.env,
      NODE_OPTIONS: '',
      NODE_ENV: 'production',
      FLINT_PORT: String(port),
      FLINT_DB_NAME: database.name,
      FLINT_WEB_FOLDER: join(ROOT, 'dist', 'web'),
      FLINT_DEMO_FOLDER: join(ROOT, 'demo'),
      FLINT_LOG_LEVEL: 'silent',
      ...settings,
    })
    await house.start()
    return house
  }

  async start(): Promise<void> {
    this.server = spawn('node', [join(ROOT, 'dist', 'server', 'main.js')], {
      env: this.environment,
      stdio: ['ignore', 'ignore', 'inherit'],
    })
    const end = Date.now() + PATIENCE_MS
    while (Date.now() < end && this.server.exitCode === null) {
      const answers = await fetch(`${this.url}/api/health`).then(
        ({ ok }) => ok,
        () => false,
      )
      if (answers) return
      await new Promise((resolve) => setTimeout(resolve, 50))
    }
    throw new Error('The server did not start.')
  }

  /** As it was before any test; a server that a test has ended is started again. */
  async renew(): Promise<void> {
    await bringBackPristine(this.database)
    if (this.server?.exitCode !== null) await this.start()
  }

  /** The name of its database. */
  get database(): string {
    return this.environment.FLINT_DB_NAME ?? ''
  }

  get processId(): number {
    return this.server?.pid ?? 0
  }

  /** Ends the server at once, as a crash would. */
  async kill(): Promise<void> {
    const { server } = this
    this.server = null
    if (server?.exitCode !== null) return
    server.kill('SIGKILL')
    await once(server, 'exit')
  }
}

async function freePort(): Promise<number> {
  const server = createServer().listen(0, '127.0.0.1')
  await once(server, 'listening')
  const { port } = server.address() as AddressInfo
  server.close()
  await once(server, 'close')
  return port
}
