import type { Verdict } from "@/core/reading/verdict";
import type { Effect } from "@/core/rules/finding";
import { kitWords } from "@/words/kit";

/** Marks as cut into the edge of a pattern piece: notches for praise, a cross-cut for what jars. */
const paths: Record<Verdict | Effect, string> = {
  sings: "M1 5 H4 L5.5 10 L7 5 H9 L10.5 10 L12 5 H15",
  sits: "M1 5 H6 L8 11 L10 5 H15",
  jars: "M1 8 H15 M4.5 3 L11.5 13 M11.5 3 L4.5 13",
  bar: "M1 3.5 H15 M1 12.5 H15 M4.5 3.5 L11.5 12.5 M11.5 3.5 L4.5 12.5",
  rubs: "M1 8 H6 M10 8 H15 M6 12.5 L10 3.5",
  lifts: "M1 5 H6 L8 11 L10 5 H15",
  note: "M1 8 H6.2 M9.8 8 H15 M8 6.6 V9.4",
  unread: "M1 8 H4 M12 8 H15 M8 5 A3 3 0 1 0 8.01 5",
};

const words: Record<Verdict | Effect, string> = {
  sings: "sings",
  sits: "sits",
  jars: "jars",
  bar: "barred",
  rubs: "rubs",
  lifts: "lifts",
  note: "note",
  unread: kitWords.notRead,
};

interface MarkProps {
  readonly of: Verdict | Effect;
  readonly className?: string;
}

/** The mark of a verdict or a finding; always beside its word. */
export function Mark({ of, className = "size-4" }: MarkProps) {
  return (
    <svg viewBox="0 0 16 16" className={className} aria-hidden="true">
      <path
        d={paths[of]}
        fill="none"
        stroke="currentColor"
        strokeWidth={1.5}
        strokeLinejoin="round"
        strokeLinecap="round"
      />
    </svg>
  );
}

/** The mark of a verdict, red where it jars. */
export function VerdictMark({
  of,
  className = "size-4",
}: {
  readonly of: Verdict;
  readonly className?: string;
}) {
  return <Mark of={of} className={`${className} ${of === "jars" ? "text-thread" : ""}`} />;
}

/** A mark with its word. */
export function MarkWord({ of, className = "" }: MarkProps) {
  return (
    <span className={`inline-flex items-center gap-1 ${className}`}>
      <Mark of={of} />
      {words[of]}
    </span>
  );
}

/** The word of a verdict or an effect. */
export function wordOf(of: Verdict | Effect): string {
  return words[of];
}
