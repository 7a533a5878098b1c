import type { ReactNode } from "react";

interface StepProps {
  readonly number: number;
  readonly title: string;
  /** Whether it is done, is to be done now, or waits for those before. */
  readonly standing: "done" | "now" | "later";
  readonly children: ReactNode;
}

/** One of the first steps: what is done stays short, what is to be done now is open, what waits says so. */
export function Step({ number, title, standing, children }: StepProps) {
  const isLater = standing === "later";
  return (
    <li
      className={`grid grid-cols-[2.5rem_minmax(0,1fr)] gap-x-4 border-b border-rule bg-paper px-5 py-4 last:border-b-0 ${isLater ? "text-ink-soft" : ""}`}
    >
      <span
        aria-hidden="true"
        className={`tabular flex size-9 items-center justify-center border font-serif text-lead ${standing === "done" ? "border-ink bg-ink text-paper" : isLater ? "border-rule" : "border-ink"}`}
      >
        {number}
      </span>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-2">
        <h2 className="pt-1 text-lead">{title}</h2>
        {children}
      </div>
    </li>
  );
}
