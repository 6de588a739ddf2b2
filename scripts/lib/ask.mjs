import { request } from 'node:http'
import { request as secureRequest } from 'node:https'

/** Asks this machine's own Flint Shelf; its certificate may be one that nobody else has signed. */
export function ask(url, timeoutMs = 2_000) {
  const asking = url.startsWith('https:') ? secureRequest : request
  return new Promise((resolve, reject) => {
    const sent = asking(url, { rejectUnauthorized: false, timeout: timeoutMs }, (response) => {
      let text = ''
      response.on('data', (chunk) => (text += chunk))
      response.on('end', () => {
        try {
          resolve({ status: response.statusCode, body: JSON.parse(text) })
        } catch (error) {
          reject(error)
        }
      })
    })
    sent.on('timeout', () => sent.destroy(new Error('no answer')))
    sent.on('error', reject)
    sent.end()
  })
}
