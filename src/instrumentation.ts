/** Called by Next for every error of a page, an action or a route: it goes to the app's log. */
export async function onRequestError(error: unknown, request: { readonly path: string; readonly method: string }): Promise<void> {
  if (process.env['NEXT_RUNTIME'] !== 'nodejs') return
  const { logError } = await import('./server/log')
  logError(error, `${request.method} ${request.path}`)
}
