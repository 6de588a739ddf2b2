import { run } from './run'

const { out, err, status } = await run(process.argv.slice(2), process.stdin)
process.stdout.write(out)
process.stderr.write(err)
process.exitCode = status
