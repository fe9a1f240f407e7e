/** Lets pages that have been open here open again without a network. */
export function stayOffline(path: string): void {
  if (!('serviceWorker' in navigator) || !('caches' in window)) return
  void navigator.serviceWorker
    .register('/sw.js')
    .then(() => rememberPage(path))
    .catch(() => undefined)
  // A page that was still being opened when the worker took the others over is left out: it asks to be taken over too.
  void navigator.serviceWorker.ready
    .then(({ active }) => navigator.serviceWorker.controller === null && active?.postMessage('claim'))
    .catch(() => undefined)
}

async function rememberPage(path: string): Promise<void> {
  try {
    const response = await fetch(path, { cache: 'no-store', headers: { accept: 'text/html' } })
    if (response.ok && !response.redirected) await (await caches.open('nailsmith-pages')).put(path, response)
  } catch {
    // Offline now: what is remembered from before still serves.
  }
}

/** On sign-out: pages go, the outbox stays. */
export async function forgetPages(): Promise<void> {
  if ('caches' in window) await caches.delete('nailsmith-pages')
}
