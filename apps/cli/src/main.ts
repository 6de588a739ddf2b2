import { commands } from './commands'
import { CommandError } from './commandError'
import { readInput } from './readInput'

const USAGE = `Say what to compute: ${Object.keys(commands).join(' or ')}, then a file name or - for standard input.`

async function run([name = '', file, ...rest]: string[]): Promise<string> {
  const command = commands[name]
  if (!command) throw new CommandError(name ? `${name} is not a command. ${USAGE}` : USAGE)
  if (file === undefined || rest.length > 0) {
    throw new CommandError(`${name} takes one file name, or - for standard input.`)
  }
  return JSON.stringify(command(await readInput(file)), null, 2)
}

try {
  process.stdout.write(`${await run(process.argv.slice(2))}\n`)
} catch (error) {
  if (!(error instanceof CommandError)) throw error
  process.stderr.write(`${error.message}\n`)
  process.exitCode = 2
}
