/** What can fail in use is returned, not thrown. `kind` names the failure; the rest are its facts. */
export type Result<T, E = { readonly kind: string }> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly error: E }

export function ok<T>(value: T): { readonly ok: true; readonly value: T } {
  return { ok: true, value }
}

export function fail<E>(error: E): { readonly ok: false; readonly error: E } {
  return { ok: false, error }
}
