export interface Weighted {
  readonly value: number;
  readonly weight: number;
}

/** The value below which half the weight lies; null when nothing has weight. */
export function weightedMedian(items: readonly Weighted[]): number | null {
  const sorted = items.filter((item) => item.weight > 0).sort((a, b) => a.value - b.value);
  const half = sorted.reduce((sum, item) => sum + item.weight, 0) / 2;
  let passed = 0;
  for (const item of sorted) {
    passed += item.weight;
    if (passed >= half) return item.value;
  }
  return null;
}
