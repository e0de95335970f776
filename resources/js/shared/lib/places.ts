/** The client a path is about; null where it is about none. */
export function clientInPath(path: string): number | null {
  const id = /^\/clients\/(\d+)/.exec(path)?.[1]
  return id === undefined ? null : Number(id)
}
