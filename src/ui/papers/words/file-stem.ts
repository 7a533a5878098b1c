/** What a file is called, of a name and what it is: letters and figures alone, so that every system takes it. */
export function fileStem(name: string, what: string): string {
  return `${name}-${what}`.toLowerCase().replace(/[^a-z0-9]+/g, "-");
}
