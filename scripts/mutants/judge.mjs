import { fork } from 'node:child_process'

/** No test takes as long, nor does reading one; a change that makes a loop endless does. */
const PATIENCE_MS = 30_000

/** Asks a process that reads and runs tests; one that ends or is endless is replaced when the next question comes. */
export class Judge {
  #folder
  #made
  #process = null

  /**
   * @param folder a copy in which every change lies ready
   * @param made the change that is made from the beginning, if any
   */
  constructor(folder, made) {
    this.#folder = folder
    this.#made = made
  }

  /** What each test comes to and takes, and what was come to before the first of them. */
  async learn(question) {
    return (await this.#ask(question, 20 * PATIENCE_MS)).learned
  }

  /** The place in the order of the first test that notices a change; -1 for none. */
  async noticedBy(number, order) {
    return order.length === 0 ? -1 : (await this.#ask({ number, order }, PATIENCE_MS)).place
  }

  end() {
    this.#process?.kill('SIGKILL')
    this.#process = null
  }

  /** The answer; where the process ends or takes too long, the test that it was at has noticed. */
  #ask(question, patienceMs) {
    this.#process ??= this.#begin()
    const asked = this.#process
    return new Promise((resolve) => {
      let at = 0
      let late
      const over = (answer) => {
        clearTimeout(late)
        asked.removeAllListeners()
        resolve(answer)
      }
      const gone = () => {
        this.end()
        over({ place: at })
      }
      const wait = () => {
        clearTimeout(late)
        late = setTimeout(gone, patienceMs)
      }
      asked.on('exit', gone)
      asked.on('message', (message) => {
        if (message.at === undefined) return over(message)
        at = message.at
        wait()
      })
      wait()
      asked.send(question)
    })
  }

  #begin() {
    const env = { ...process.env }
    if (this.#made !== undefined) env.FLINT_MUTANT = String(this.#made)
    return fork(new URL('./tests.mjs', import.meta.url), [], {
      cwd: this.#folder,
      env,
      execArgv: ['--no-warnings', '--import', 'tsx'],
      serialization: 'advanced',
      stdio: 'ignore',
    })
  }
}
