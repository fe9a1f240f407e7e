// Reads machine files in a thread of its own; the app's server asks it for large ones.
import { parentPort } from 'node:worker_threads'
import { register } from 'tsx/esm/api'

register()
const { parseMachineFile } = await import('../../src/formats/machine-file.ts')
parentPort.on('message', ({ id, text }) => parentPort.postMessage({ id, read: parseMachineFile(text) }))
