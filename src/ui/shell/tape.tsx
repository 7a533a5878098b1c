"use client";

import { forgetAnswered } from "../bench/state/answered-looks";
import { Link } from "../kit/link";
import { usePathname } from "next/navigation";
import type { LengthUnit } from "@/core/length/length";
import { shellWords } from "@/words/shell";
import { FindButton } from "./parts/find-button";
import { StudioSettings, type StudioSettingsProps } from "./parts/studio-settings";
import { UnitSwitch, type UnitSwitchProps } from "./parts/unit-switch";
import type { Find } from "./state/use-found";

const places = [
  { href: "/", label: shellWords.today },
  { href: "/clients", label: shellWords.clients },
  { href: "/rail", label: shellWords.rail },
  { href: "/bench", label: shellWords.bench },
  { href: "/sets", label: shellWords.sets },
  { href: "/boards", label: shellWords.boards },
] as const;

interface TapeProps extends StudioSettingsProps {
  readonly unit: LengthUnit;
  readonly saveUnit: UnitSwitchProps["save"];
  readonly find: Find;
}

/** The strip along the top, ruled like a tape: its long ticks are the places. */
export function Tape({ unit, saveUnit, find, ...settings }: TapeProps) {
  const path = usePathname();
  return (
    <header className="relative border-b border-rule-strong bg-paper print:hidden">
      <Ticks />
      <div className="relative flex min-h-11 flex-wrap items-stretch gap-x-3 px-4 md:flex-nowrap md:gap-x-4 lg:gap-x-6">
        <Link href="/" className="flex h-11 items-center font-serif text-lead tracking-tight">
          {shellWords.juxtane}
        </Link>
        <nav
          aria-label={shellWords.places}
          className="order-last -mx-1 flex h-11 w-full items-stretch md:order-none md:mx-0 md:w-auto"
        >
          {places.map(({ href, label }) => {
            const here = href === "/" ? path === "/" : path.startsWith(href);
            return (
              <Link
                key={href}
                href={href}
                aria-current={here ? "page" : undefined}
                className={`relative flex items-center border-l border-rule-strong px-2 last:border-r sm:px-3 lg:px-4 hover:bg-well ${here ? "font-semibold" : ""}`}
              >
                {label}
                {here && (
                  <span
                    aria-hidden="true"
                    className="absolute inset-x-3 bottom-1.5 border-b-2 border-dashed border-thread"
                  />
                )}
              </Link>
            );
          })}
        </nav>
        <div className="ml-auto flex h-11 items-center gap-2.5 text-ink-soft sm:gap-4">
          <FindButton find={find} />
          <UnitSwitch unit={unit} save={saveUnit} />
          <StudioSettings {...settings} />
          <form action="/sign-out" method="post" onSubmit={forgetAnswered}>
            <button
              type="submit"
              className="h-9 text-ink underline decoration-rule-strong underline-offset-4 hover:decoration-ink"
            >
              {shellWords.signOut}
            </button>
          </form>
        </div>
      </div>
    </header>
  );
}

function Ticks() {
  return (
    <svg aria-hidden="true" className="absolute inset-x-0 bottom-0 h-2 w-full">
      <defs>
        <pattern id="tape-ticks" width="40" height="8" patternUnits="userSpaceOnUse">
          {[0, 8, 16, 24, 32].map((x) => (
            <path key={x} d={`M ${x + 0.5} 8 v ${x === 0 ? -7 : -4}`} stroke="var(--rule)" />
          ))}
        </pattern>
      </defs>
      <rect width="100%" height="8" fill="url(#tape-ticks)" />
    </svg>
  );
}
