// The lock file must name every platform's optional package and no download address, or `npm ci`
// fails on the next machine while it works on this one.
import { readFileSync } from 'node:fs'

const { packages } = JSON.parse(readFileSync('package-lock.json', 'utf8'))
const problems = []
for (const [path, entry] of Object.entries(packages)) {
  if (entry.resolved && !entry.link) problems.push(`${path} has a download address`)
  for (const name of Object.keys(entry.optionalDependencies ?? {})) {
    const found = path
      .split('node_modules/')
      .map((_, index, parts) => parts.slice(0, index).join('node_modules/'))
      .concat(path ? `${path}/` : '')
      .some((folder) => packages[`${folder}node_modules/${name}`])
    if (!found) problems.push(`${path || 'the root'} lacks ${name}`)
  }
}
for (const problem of problems.slice(0, 20)) console.error(problem)
process.exitCode = problems.length > 0 ? 1 : 0
