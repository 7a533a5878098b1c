/** A colour as it shows on the reverse of a print: so far (0-1) on its way to white. */
export function paler(hex: string, by: number): string {
  const parts = [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16));
  return `#${parts
    .map((part) =>
      Math.round(part + (255 - part) * by)
        .toString(16)
        .padStart(2, "0"),
    )
    .join("")}`;
}
