// A TLS listener for tablets on the shop's network: requests are handed on to the app on loopback, with the tablet's own address beside
// them, by which tries to sign in are counted.
import { readFileSync } from 'node:fs'
import http from 'node:http'
import https from 'node:https'
import tls from 'node:tls'

/** Opens the listener; returns its server. Throws with a plain message where the certificate or key cannot be used. */
export async function openTls({ host, port, certFile, keyFile, target }) {
  if (!certFile || !keyFile)
    throw new Error(
      'NAILSMITH_HOST needs NAILSMITH_TLS_CERT and NAILSMITH_TLS_KEY: tablets keep entries without a network only at a secure address.',
    )
  let options
  try {
    options = { cert: readFileSync(certFile), key: readFileSync(keyFile), minVersion: 'TLSv1.2' }
    tls.createSecureContext(options)
  } catch (error) {
    throw new Error(`the certificate or key cannot be used: ${error.message}`)
  }
  const agent = new http.Agent({ keepAlive: true })
  const server = https.createServer(options, (request, response) => {
    // What a tablet says of its own address is not believed.
    const headers = {
      ...request.headers,
      'x-forwarded-for': request.socket.remoteAddress ?? 'unknown',
      'x-forwarded-proto': 'https',
      'x-forwarded-host': request.headers.host ?? '',
    }
    const inner = http.request({ host: '127.0.0.1', port: target, method: request.method, path: request.url, headers, agent }, (answer) => {
      response.writeHead(answer.statusCode ?? 502, answer.headers)
      answer.pipe(response)
    })
    inner.on('error', () => (response.headersSent ? response.destroy() : response.writeHead(502).end()))
    response.on('close', () => inner.destroy())
    request.pipe(inner)
  })
  server.on('tlsClientError', () => undefined)
  await new Promise((resolve, reject) => server.once('error', reject).listen(port, host, resolve))
  return server
}
