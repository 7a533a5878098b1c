/** The studio of a scope. */
export function studioOfScope(scope: string): string {
  return scope.split(".")[0] ?? "";
}

/** A person in a studio: whose unfinished work a browser keeps, apart from everybody else's who uses it. */
export function scopeOf(of: { readonly studioId: string; readonly userId: string }): string {
  return `${of.studioId}.${of.userId}`;
}
