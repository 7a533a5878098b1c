"use client";

import { useState } from "react";
import { lightNames, underLight, type LightName } from "@/core/colour/light";
import { sayRelation } from "@/core/colour/say-relation";
import { shadeOf, type Shade } from "@/core/colour/shade";
import { colourShares } from "@/core/dressing/colour-shares";
import { dress } from "@/core/dressing/dress";
import type { Dressed } from "@/core/dressing/dressed";
import { phrase } from "@/core/reading/phrase";
import { readDressed } from "@/core/reading/read";
import { lookUnder } from "@/core/reading/relit";
import type { Finding } from "@/core/rules/finding";
import { colourWords } from "@/words/colour";
import { Button } from "../kit/button";
import { Dialog } from "../kit/dialog";
import { useLengthUnit } from "../kit/length-unit";
import { Mark, wordOf } from "../kit/marks";
import { sayShade } from "./shade-words";
import { Segments } from "../kit/segments";
import { Toggle } from "../kit/toggle";

interface ColourDialogProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly dressed: Dressed;
  readonly light: LightName;
  readonly onLight: (light: LightName) => void;
  /** Shows a colour in the scarf that is worn; null where there is none to be tied anew. */
  readonly onShowInScarf: ((hex: string) => void) | null;
}

/** The colours of a look one by one: what each is, what two of them are to one another, and by which light. */
export function ColourDialog({
  open,
  onOpenChange,
  dressed,
  light,
  onLight,
  onShowInScarf,
}: ColourDialogProps) {
  const shares = colourShares(dressed.palette);
  const [picked, setPicked] = useState<readonly string[]>([]);
  const pick = (hex: string) =>
    setPicked((before) =>
      before.includes(hex) ? before.filter((each) => each !== hex) : [...before, hex].slice(-2),
    );
  const [one, other] = picked.filter((hex) => shares.some(({ shade }) => shade.hex === hex));
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      title={colourWords.coloursOfTheLook}
      about={colourWords.byWhatIsSeenOf}
    >
      <ul className="grid gap-0.5">
        {shares.map(({ shade, share, pieces }) => (
          <li key={shade.hex}>
            <ColourOfLook
              shade={shade}
              share={share}
              pieces={pieces}
              light={light}
              isPicked={picked.includes(shade.hex)}
              onPick={() => pick(shade.hex)}
            />
          </li>
        ))}
      </ul>
      <div className="mt-3 min-h-17 border-t border-rule pt-3" aria-live="polite">
        {one && other ? (
          <Relation one={shadeOf(one)} other={shadeOf(other)} />
        ) : (
          <p className="text-ink-soft">{one ? colourWords.chooseOneMore : colourWords.noneChosenYet}</p>
        )}
        {one && !other && onShowInScarf && (
          <Button size="small" className="mt-2" onClick={() => onShowInScarf(one)}>
            {colourWords.showInTheScarf}
          </Button>
        )}
      </div>
      <div className="mt-3 border-t border-rule pt-3">
        <LightChoice light={light} onLight={onLight} />
        <ByEvening dressed={dressed} />
      </div>
    </Dialog>
  );
}

function LightChoice({ light, onLight }: Pick<ColourDialogProps, "light" | "onLight">) {
  return (
    <div className="mb-2">
      <Segments
        label={colourWords.light}
        size="normal"
        value={light}
        onChange={onLight}
        segments={lightNames.map((name) => ({
          value: name,
          shown: name === "daylight" ? "Daylight" : colourWords.warmEveningLight,
        }))}
      />
    </div>
  );
}

interface ColourOfLookProps {
  readonly shade: Shade;
  /** Of all that is seen of the look, 0 to 1. */
  readonly share: number;
  /** Names of what has it. */
  readonly pieces: readonly string[];
  readonly light: LightName;
  readonly isPicked: boolean;
  readonly onPick: () => void;
}

function ColourOfLook({ shade, share, pieces, light, isPicked, onPick }: ColourOfLookProps) {
  return (
    <Toggle
      look="basted"
      on={isPicked}
      onChange={onPick}
      className="grid w-full grid-cols-[2.25rem_3rem_minmax(0,1fr)] items-center gap-2 p-1 text-left"
    >
      <span className="h-7 border border-rule-strong" style={{ background: underLight(shade.hex, light) }} />
      <span className="tabular text-right">{(share * 100).toFixed(share < 0.01 ? 1 : 0)} %</span>
      <span className="min-w-0">
        <span className="block truncate">{sayShade(shade)}</span>
        <span className="block truncate text-tiny text-ink-soft">{pieces.join(", ")}</span>
      </span>
    </Toggle>
  );
}

function Relation({ one, other }: { readonly one: Shade; readonly other: Shade }) {
  const { name, why, figures } = sayRelation(one, other);
  return (
    <div className="grid grid-cols-[3.5rem_minmax(0,1fr)] items-center gap-3">
      <span className="flex h-10 border border-rule-strong" aria-hidden="true">
        <span className="flex-1" style={{ background: one.hex }} />
        <span className="flex-1" style={{ background: other.hex }} />
      </span>
      <p>
        <span className="font-serif text-body font-medium">
          {name.charAt(0).toUpperCase() + name.slice(1)}.
        </span>{" "}
        <span>{why}</span>
        <span className="tabular block text-tiny text-ink-soft">{figures}</span>
      </p>
    </div>
  );
}

const byLight = ["colour.near-white", "colour.near-black"];

/** What a warm lamp makes of the look's whites and darks. */
function ByEvening({ dressed }: { readonly dressed: Dressed }) {
  const unit = useLengthUnit();
  const find = (findings: readonly Finding[]) => findings.filter(({ rule }) => byLight.includes(rule));
  const day = find(readDressed(dressed).findings);
  const evening = find(readDressed(dress(lookUnder(dressed.look, "evening"))).findings);
  if (day.length === 0 && evening.length === 0)
    return <p className="text-ink-soft">{colourWords.noTwoWhitesAndNo}</p>;
  return (
    <dl className="grid grid-cols-[6rem_minmax(0,1fr)] gap-x-2 gap-y-1">
      {[
        { name: colourWords.byDay, findings: day },
        { name: colourWords.byLamp, findings: evening },
      ].map(({ name, findings }) => (
        <div key={name} className="contents">
          <dt className="text-ink-soft">{name}</dt>
          <dd>
            {findings.length === 0
              ? colourWords.nothingToSayOfWhites
              : findings.map((finding, i) => (
                  <p key={i} className="flex gap-1.5">
                    <Mark of={finding.effect} className="mt-0.5 size-4 shrink-0" />
                    <span className="sr-only">{wordOf(finding.effect)}:</span>
                    {phrase(finding, unit)}
                  </p>
                ))}
          </dd>
        </div>
      ))}
    </dl>
  );
}
