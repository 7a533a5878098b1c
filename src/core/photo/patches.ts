/** Goes from some cells to all beside them that are taken, each asked once. */
export function spread(
  across: number,
  down: number,
  from: readonly number[],
  takes: (cell: number) => boolean,
): void {
  const asked = new Uint8Array(across * down);
  const open: number[] = [];
  const ask = (cell: number) => {
    if (asked[cell] === 1) return;
    asked[cell] = 1;
    if (takes(cell)) open.push(cell);
  };
  for (const cell of from) ask(cell);
  for (let cell = open.pop(); cell !== undefined; cell = open.pop()) {
    if (cell % across > 0) ask(cell - 1);
    if (cell % across < across - 1) ask(cell + 1);
    if (cell >= across) ask(cell - across);
    if (cell < across * (down - 1)) ask(cell + across);
  }
}

/** The cells marked 1 in patches that hang together. */
export function patches(marked: Uint8Array, across: number, down: number): number[][] {
  const found: number[][] = [];
  const seen = new Uint8Array(marked.length);
  marked.forEach((is, start) => {
    if (is !== 1 || seen[start] === 1) return;
    const patch: number[] = [];
    spread(across, down, [start], (cell) => {
      if (marked[cell] !== 1 || seen[cell] === 1) return false;
      seen[cell] = 1;
      patch.push(cell);
      return true;
    });
    found.push(patch);
  });
  return found;
}
