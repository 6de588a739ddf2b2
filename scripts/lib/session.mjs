// session.mjs URL   prints whom Flint Shelf takes somebody for who has not signed in
import { ask } from './ask.mjs'

const { body } = await ask(`${process.argv[2]}/api/session`)
console.log(body.kind)
