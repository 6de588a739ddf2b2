import { createReadStream } from 'node:fs'
import { CommandError } from './commandError'

/** JavaScript cannot hold a longer text than about 512 MiB; this is well below it. */
const MOST_BYTES = 400 * 2 ** 20

/**
 * Reads a file, or standard input for `-`, as JSON.
 * @throws CommandError when it cannot be read, is too long or is not JSON
 */
export async function readInput(
  file: string,
  standardInput: AsyncIterable<Buffer>,
): Promise<unknown> {
  const text = await readText(file, standardInput)
  try {
    return JSON.parse(text)
  } catch {
    throw new CommandError(`${nameOf(file)} is not JSON.`)
  }
}

const nameOf = (file: string): string => (file === '-' ? 'Standard input' : file)

/**
 * Reads a file, or standard input for `-`, as text.
 * @throws CommandError when it cannot be read or is too long
 */
export async function readText(
  file: string,
  standardInput: AsyncIterable<Buffer>,
): Promise<string> {
  const from = nameOf(file)
  const stream: AsyncIterable<Buffer> = file === '-' ? standardInput : createReadStream(file)
  const chunks: Buffer[] = []
  let bytes = 0
  try {
    for await (const chunk of stream) {
      chunks.push(chunk)
      bytes += chunk.length
      if (bytes > MOST_BYTES) throw new CommandError(`${from} is longer than 400 MiB.`)
    }
  } catch (error) {
    if (error instanceof CommandError) throw error
    throw new CommandError(`${from} cannot be read.`)
  }
  return Buffer.concat(chunks).toString('utf8')
}
