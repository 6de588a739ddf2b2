// port.mjs free PORT [HOST]   exit status 0 when the port can be listened on there; at loopback if HOST is left out
// port.mjs any                prints a port that is free now
import { createServer } from 'node:net'

const [wish, port, host = '127.0.0.1'] = process.argv.slice(2)
const server = createServer()
server.once('error', () => process.exit(1))
server.listen({ host, port: wish === 'any' ? 0 : Number(port) }, () => {
  if (wish === 'any') console.log(server.address().port)
  server.close()
})
