import { type ChildProcess, execFileSync, spawn } from 'node:child_process'
import { once } from 'node:events'
import {
  chmodSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs'
import { createServer, type AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { dirname, join } from 'node:path'

const ROOT = join(import.meta.dirname, '..', '..')
const PARTS = [
  'apps',
  'packages',
  'demo',
  'scripts',
  'dist',
  'package.json',
  'package-lock.json',
  'tsconfig.base.json',
]

export interface Outcome {
  status: number | null
  out: string
  err: string
}

/**
 * A second clone of the project, already built, in a folder that no other user can enter, as below
 * root's home.
 */
export class Clone {
  readonly folder: string
  private readonly outer = mkdtempSync(join(tmpdir(), 'flint-shelf-clone-'))
  private started: ChildProcess | null = null
  private said = ''

  /** @param name of its folder */
  constructor(name = 'flint-shelf') {
    chmodSync(this.outer, 0o700)
    this.folder = join(this.outer, name)
    mkdirSync(this.folder)
    execFileSync('cp', ['-a', ...PARTS, this.folder], { cwd: ROOT })
    symlinkSync(join(ROOT, 'node_modules'), join(this.folder, 'node_modules'))
  }

  /** Runs npm start's script to its end; `stubs` are commands that stand in for real ones. */
  run(environment: Record<string, string>, stubs: Record<string, string> = {}): Promise<Outcome> {
    return this.runScript(['start.sh'], environment, stubs)
  }

  /** Runs one of the scripts to its end. */
  runScript(
    script: readonly [name: string, ...words: string[]],
    environment: Record<string, string>,
    stubs: Record<string, string> = {},
  ): Promise<Outcome> {
    const child = this.spawnScript(script, environment, this.stubFolder(stubs))
    const outcome: Outcome = { status: null, out: '', err: '' }
    child.stdout?.on('data', (chunk: Buffer) => (outcome.out += chunk.toString()))
    child.stderr?.on('data', (chunk: Buffer) => (outcome.err += chunk.toString()))
    return once(child, 'close').then(([status]) => ({
      ...outcome,
      status: status as number | null,
    }))
  }

  /** Starts it and waits for the address. */
  async start(environment: Record<string, string>): Promise<void> {
    const child = this.spawnScript(['start.sh'], environment, null)
    this.started = child
    this.said = ''
    await new Promise<void>((resolve, reject) => {
      const listen = (chunk: Buffer): void => {
        this.said += chunk.toString()
        if (this.said.includes('Flint Shelf is at')) resolve()
      }
      child.stdout?.on('data', listen)
      child.stderr?.on('data', listen)
      child.once('exit', () => reject(new Error(this.said)))
    })
  }

  /** Waits until it says so on the terminal. @throws Error with what it said, when it does not within a minute */
  async says(words: string): Promise<void> {
    const end = Date.now() + 60_000
    while (!this.said.includes(words)) {
      if (Date.now() > end) throw new Error(this.said)
      await new Promise((resolve) => setTimeout(resolve, 50))
    }
  }

  /** All that the started one has said on its terminal. */
  get terminal(): string {
    return this.said
  }

  /** The last that the web server has written into its log. */
  log(): string {
    return readFileSync(join(this.folder, '.flint', 'server.log'), 'utf8').slice(-5_000)
  }

  /** The process of the web server. */
  webServer(): number {
    const script = String(this.started?.pid ?? '')
    return Number(execFileSync('pgrep', ['-P', script, '-f', 'dist/server/main.js']).toString())
  }

  /** Ends the database alone, with all its processes, without a goodbye. */
  async killDatabase(): Promise<void> {
    process.kill(-this.postmaster(), 'SIGKILL')
    await new Promise((resolve) => setTimeout(resolve, 100))
  }

  private postmaster(): number {
    const file = join(this.clusterHome(), 'data', 'postmaster.pid')
    return Number(readFileSync(file, 'utf8').split('\n')[0])
  }

  /** Ends the web server alone, without a goodbye, and waits until the start command has ended too. */
  async killServer(): Promise<void> {
    const { started } = this
    if (!started) throw new Error('nothing was started')
    const gone = once(started, 'exit')
    process.kill(this.webServer(), 'SIGKILL')
    await gone
    this.started = null
  }

  /** Ends everything at once: no process gets to say goodbye. */
  async cutPower(): Promise<void> {
    const postmaster = this.postmaster()
    const { started } = this
    if (!started?.pid) throw new Error('nothing was started')
    const gone = once(started, 'exit')
    // The script leads its own process group, the database one of its own.
    process.kill(-started.pid, 'SIGKILL')
    process.kill(-postmaster, 'SIGKILL')
    await gone
    this.started = null
  }

  async stop(): Promise<void> {
    const child = this.started
    this.started = null
    if (!child?.pid) return
    const gone = once(child, 'exit')
    process.kill(child.pid, 'SIGTERM')
    await gone
  }

  /** Where the database lives: beside the clone when the database user can enter it, else as noted. */
  clusterHome(): string {
    const state = join(this.folder, '.flint')
    const note = join(state, 'cluster.path')
    return existsSync(note) ? readFileSync(note, 'utf8') : join(state, 'cluster')
  }

  async remove(): Promise<void> {
    await this.stop()
    rmSync(dirname(this.clusterHome()), { recursive: true, force: true })
    rmSync(this.outer, { recursive: true, force: true })
  }

  private spawnScript(
    [name, ...words]: readonly [name: string, ...words: string[]],
    environment: Record<string, string>,
    stubs: string | null,
  ): ChildProcess {
    const { PATH = '' } = process.env
    return spawn('bash', [`scripts/${name}`, ...words], {
      cwd: this.folder,
      detached: true,
      stdio: ['ignore', 'pipe', 'pipe'],
      env: {
        HOME: process.env.HOME ?? '/',
        PATH: stubs ? `${stubs}:${PATH}` : PATH,
        ...environment,
      },
    })
  }

  private stubFolder(stubs: Record<string, string>): string {
    const folder = mkdtempSync(join(this.outer, 'stubs-'))
    for (const [name, script] of Object.entries(stubs)) {
      writeFileSync(join(folder, name), `#!/bin/sh\n${script}\n`, { mode: 0o755 })
    }
    return folder
  }
}

/** Two ports that are free now. */
export async function freePorts(): Promise<[string, string]> {
  const servers = [createServer(), createServer()]
  const ports = servers.map(async (server) => {
    server.listen(0, '127.0.0.1')
    await once(server, 'listening')
    return String((server.address() as AddressInfo).port)
  })
  const [one = '', two = ''] = await Promise.all(ports)
  for (const server of servers) server.close()
  return [one, two]
}
