import { CommandError } from './commandError'
import { commands } from './commands'
import { readInput, readText } from './readInput'

const USAGE = `Say what to compute: ${Object.keys(commands).join(' or ')}, then a file name or - for standard input.`

/** What a run of the command leaves behind. */
export interface Outcome {
  out: string
  err: string
  /** 0; 2 when there is a mistake in what was asked; 3 when the answer is that something is wrong with the machine. */
  status: 0 | 2 | 3
}

/**
 * Answers one command.
 *
 * @param args as after the name of the program
 * @param standardInput read where the file is `-`
 * @throws whatever is a fault of ours; mistakes in what was asked are an outcome
 */
export async function run(
  [name = '', ...files]: readonly string[],
  standardInput: AsyncIterable<Buffer>,
): Promise<Outcome> {
  try {
    const command = commands[name]
    if (!command) throw new CommandError(name ? `${name} is not a command. ${USAGE}` : USAGE)
    const { reads, texts = [], answer: answerTo, isWrong } = command
    if (files.length !== reads.length) {
      const what = reads.length === 1 ? 'one file name' : `${reads.length} file names`
      throw new CommandError(
        `${name} takes ${what}, or - for standard input: ${reads.join(', then ')}.`,
      )
    }
    const inputs: unknown[] = []
    for (const [index, file] of files.entries()) {
      const read = texts.includes(index) ? readText : readInput
      inputs.push(await read(file, standardInput))
    }
    const answer = answerTo(...inputs)
    const out = typeof answer === 'string' ? answer : `${JSON.stringify(answer, null, 2)}\n`
    return { out, err: '', status: isWrong?.(answer) === true ? 3 : 0 }
  } catch (error) {
    if (!(error instanceof CommandError)) throw error
    return { out: '', err: `${error.message}\n`, status: 2 }
  }
}
