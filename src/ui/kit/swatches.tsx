import type { Swatch } from "@/core/piece/swatch";

/** The colours of a piece as one strip, each as wide as its share; the inside of the cloth is left out. */
export function SwatchStrip({
  swatches,
  className = "h-3 w-14",
}: {
  readonly swatches: readonly Swatch[];
  readonly className?: string;
}) {
  const seen = swatches.filter(({ role }) => role !== "reverse");
  return (
    <span className={`flex overflow-hidden border border-rule-strong ${className}`} aria-hidden="true">
      {seen.map(({ hex, share }, i) => (
        <span key={i} style={{ background: hex, flexGrow: share }} />
      ))}
    </span>
  );
}
