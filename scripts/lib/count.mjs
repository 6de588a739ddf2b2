// count.mjs REPORT jest|playwright   prints "passed failed"
import { readFileSync } from 'node:fs'

const [path, kind] = process.argv.slice(2)
const report = JSON.parse(readFileSync(path, 'utf8'))
if (kind === 'jest') {
  // A file that could not even be loaded has no tests to count, but it has failed.
  const failed = report.numFailedTests + report.numRuntimeErrorTestSuites
  console.log(`${report.numPassedTests} ${failed}`)
} else {
  const { expected, unexpected, flaky } = report.stats
  console.log(`${expected + flaky} ${unexpected + report.errors.length}`)
}
