// A TLS listener for tablets on the shop's network: what comes in is handed on, byte for byte, to the app on loopback.
import { readFileSync } from 'node:fs'
import net from 'node:net'
import tls from 'node:tls'

/** Opens the listener; returns its server. Throws with a plain message where the certificate or key cannot be used. */
export async function openTls({ host, port, certFile, keyFile, target }) {
  if (!certFile || !keyFile) throw new Error('NAILSMITH_HOST needs NAILSMITH_TLS_CERT and NAILSMITH_TLS_KEY: tablets keep entries without a network only at a secure address.')
  let options
  try {
    options = { cert: readFileSync(certFile), key: readFileSync(keyFile), minVersion: 'TLSv1.2' }
    tls.createSecureContext(options)
  } catch (error) {
    throw new Error(`the certificate or key cannot be used: ${error.message}`)
  }
  const server = tls.createServer(options, (outer) => {
    const inner = net.connect({ host: '127.0.0.1', port: target })
    outer.pipe(inner)
    inner.pipe(outer)
    const end = () => {
      outer.destroy()
      inner.destroy()
    }
    for (const socket of [outer, inner]) socket.on('error', end).on('close', end)
  })
  server.on('tlsClientError', () => undefined)
  await new Promise((resolve, reject) => server.once('error', reject).listen(port, host, resolve))
  return server
}
