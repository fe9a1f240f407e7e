import type { FileIndex } from './file-index'
import { readAction, readFact } from './ids'

/**
 * What an action id (`undo:lid-screws`) or a fact (`off deck-lid`) is called on the screen; as it stands where the file does not
 * know it.
 */
export function nameOfToken(index: FileIndex, token: string): string {
  const action = readAction(token)
  if (action) {
    const { word, of: id } = action
    const doing =
      word === 'undo'
        ? index.joints.get(id)?.down
        : word === 'off'
          ? index.parts.get(id)?.lift
          : word === 'unplug'
            ? index.connections.get(id)?.down
            : (index.steps.get(id)?.down ?? index.steps.get(id)?.up)
    return doing?.title ?? token
  }
  const read = readFact(token)
  if (!read) return token
  const { fact, of } = read
  const name =
    index.parts.get(of)?.name ??
    index.joints.get(of)?.name ??
    index.connections.get(of)?.name ??
    index.cables.get(of)?.name ??
    index.steps.get(of)?.down?.title ??
    (of === 'dead' ? 'dead' : of)
  return `${name} ${fact}`
}
