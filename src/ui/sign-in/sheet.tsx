import type { ReactNode } from "react";
import { signInWords } from "@/words/sign-in";

/** The page before anybody is signed in: the name, what it does, one form. */
export function Sheet({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <main className="grid min-h-dvh grid-cols-1 bg-paper lg:grid-cols-[minmax(0,1fr)_30rem]">
      <div className="relative hidden overflow-hidden border-r border-rule-strong bg-table lg:block">
        <Pattern />
        <div className="absolute bottom-14 left-14 max-w-[30rem]">
          <p className="font-serif text-[2.5rem] leading-[1.1]">{signInWords.whetherTheBootGoesUnder}</p>
          <p className="mt-4 max-w-[26rem] text-body text-ink-soft">
            {signInWords.juxtaneMeasuresComparesAndRemembers}
          </p>
        </div>
      </div>
      <div className="flex flex-col justify-center px-10 py-12">
        <p className="font-serif text-title">{signInWords.juxtane}</p>
        <h1 className="mt-1 mb-8 text-lead text-ink-soft">{title}</h1>
        {children}
      </div>
    </main>
  );
}

/** A trouser leg and a boot as a pattern draughted on the table: grain, notches, a dimension. */
function Pattern() {
  const ink = { fill: "none", stroke: "var(--ink)", strokeWidth: 1.2 } as const;
  const fine = { fill: "none", stroke: "var(--rule-strong)", strokeWidth: 0.8 } as const;
  return (
    <svg
      viewBox="0 150 700 800"
      preserveAspectRatio="xMidYMin slice"
      className="absolute inset-0 h-full w-full"
      aria-hidden="true"
    >
      {Array.from({ length: 21 }, (_, i) => (
        <path key={i} d={`M0 ${i * 48} H700 M${i * 48} 0 V980`} stroke="var(--rule)" strokeWidth={0.5} />
      ))}
      <path
        d="M300 -20 C296 120 306 240 318 372 L470 366 C480 240 492 120 500 -20 Z"
        {...ink}
        fill="var(--paper)"
      />
      <path d="M318 372 Q394 384 470 366 M320 346 Q394 358 471 340" {...ink} />
      <path d="M395 176 V310 M395 176 l-6 14 M395 176 l6 14 M395 310 l-6 -14 M395 310 l6 -14" {...fine} />
      <path
        d="M334 440 L448 436 C446 470 452 492 480 506 C530 528 590 534 604 566 Q608 584 590 586 L336 588 C324 552 338 500 334 440 Z"
        {...ink}
        fill="var(--paper)"
      />
      <path d="M336 588 L334 606 L420 606 L432 588 M460 587 L592 588" {...ink} />
      <path d="M340 448 Q392 456 446 444" {...fine} />
      <path
        d="M330 372 H230 M334 440 H230"
        stroke="var(--thread)"
        strokeWidth={0.9}
        strokeDasharray="5 4"
        fill="none"
      />
      <path
        d="M246 372 V440 M240 378 l12 -12 M240 446 l12 -12"
        stroke="var(--thread)"
        strokeWidth={1.1}
        fill="none"
      />
      <text x={152} y={411} fill="var(--ink)" fontSize={16} className="tabular">
        {signInWords.gap35Cm}
      </text>
    </svg>
  );
}
