"use client";
// The form library keeps one object and changes it: nothing here may be kept from before.
"use no memo";

import { useState } from "react";
import { useFieldArray, useFormContext, useWatch } from "react-hook-form";
import { sayRelation } from "@/core/colour/say-relation";
import { shadeOf, type Shade } from "@/core/colour/shade";
import { swatchRoles, type Swatch, type SwatchRole } from "@/core/piece/swatch";
import { capital } from "@/core/words/called";
import { sayWith } from "@/words/say";
import { piecesWords } from "@/words/pieces";
import { intakeWords } from "@/words/intake";
import { wordsOf } from "../../colour/shade-words";
import { ReaderDialog } from "../../intake/parts/reader-dialog";
import { Button } from "../../kit/button";
import { ColourField } from "../../kit/form/colour-field";
import { ChoiceField } from "../../kit/form/fields";
import { fieldId } from "../../kit/form/field-id";
import { NumberField } from "../../kit/form/number-fields";

const most = 12;

/** Where on a piece a colour is. */
const roleLabels: Readonly<Record<SwatchRole, string>> = {
  ground: "Main",
  motif: "Pattern",
  trim: "Trim",
  sole: "Sole",
  lace: "Laces",
  reverse: "Inside",
};

/** The colours of a piece, each with its share and its role. */
export function ColourList() {
  const { fields, append, remove } = useFieldArray({ name: "piece.swatches" });
  const [read, setRead] = useState<number | null>(null);
  const { getFieldState, getValues, setValue, formState } = useFormContext();
  const giveFirstTheRest = () => {
    const rest = restForFirst(getValues("piece.swatches") as readonly Swatch[]);
    if (rest !== null) setValue("piece.swatches.0.share", rest, { shouldDirty: true });
  };
  const fault = getFieldState("piece.swatches", formState).error?.message;
  return (
    <fieldset id={fieldId("piece.swatches")} tabIndex={-1}>
      <legend className="mb-1 font-serif text-lead">{piecesWords.colours}</legend>
      <p className="mb-2 text-ink-soft">{piecesWords.sharesOfWhatIsSeen}</p>
      {fault && <p className="mb-2 font-medium text-thread">{fault}</p>}
      <div className="grid gap-2">
        {fields.map((field, i) => (
          <ColourRow
            key={field.id}
            at={i}
            onRead={() => setRead(i)}
            onShare={i === 0 ? undefined : giveFirstTheRest}
            onRemove={
              fields.length > 1
                ? () => {
                    remove(i);
                    giveFirstTheRest();
                  }
                : null
            }
          />
        ))}
      </div>
      <ReaderDialog
        open={read !== null}
        onClose={() => setRead(null)}
        onTake={(hex) => setValue(`piece.swatches.${read ?? 0}.hex`, hex, { shouldDirty: true })}
      />
      <OwnRelations />
      {fields.length < most && (
        <Button
          size="small"
          className="mt-2"
          onClick={() => {
            append({ hex: "#a8a8a8", share: fifth, role: "motif" });
            giveFirstTheRest();
          }}
        >
          {piecesWords.addAColour}
        </Button>
      )}
    </fieldset>
  );
}

interface ColourRowProps {
  readonly at: number;
  /** Opens the colour reader. */
  readonly onRead: () => void;
  /** Called when its share was written. */
  readonly onShare: (() => void) | undefined;
  /** Null for the only colour there is. */
  readonly onRemove: (() => void) | null;
}

function ColourRow({ at, onRead, onShare, onRemove }: ColourRowProps) {
  return (
    <div className="grid grid-cols-2 sm:grid-cols-[11rem_6rem_9rem_auto] items-start gap-3">
      <ColourField name={`piece.swatches.${at}.hex`} label={piecesWords.colour} />
      <NumberField
        name={`piece.swatches.${at}.share`}
        label={piecesWords.share}
        suffix="%"
        scale={100}
        empty={null}
        onRead={onShare}
      />
      <ChoiceField
        name={`piece.swatches.${at}.role`}
        label={piecesWords.whereItIs}
        options={swatchRoles.map((role) => ({ value: role, label: roleLabels[role] }))}
      />
      <span className="mt-5 flex">
        <Button look="quiet" onClick={onRead}>
          {intakeWords.readAColour}
        </Button>
        {onRemove && (
          <Button look="quiet" onClick={onRemove}>
            {piecesWords.remove}
          </Button>
        )}
      </span>
    </div>
  );
}

/** What a further colour has at first. */
const fifth = 0.2;

/** What the others leave of what is seen to the first colour; null where they are no figures, or too much. */
function restForFirst([first, ...others]: readonly Swatch[]): number | null {
  const shares = others.filter(({ role }) => role !== "reverse").map(({ share }) => share as unknown);
  const sum = shares.reduce<number>((all, share) => all + (typeof share === "number" ? share : NaN), 0);
  if (first?.role === "reverse" || !(sum >= 0 && sum < 1)) return null;
  return Math.round((1 - sum) * 1000) / 1000;
}

/** What each colour is, and what the ground and the others are to one another. */
function OwnRelations() {
  const swatches = useWatch({ name: "piece.swatches" }) as readonly Partial<Swatch>[] | undefined;
  const shades = (swatches ?? []).flatMap(({ hex }) => (isHex(hex) ? [shadeOf(hex)] : []));
  const [ground, ...others] = shades;
  if (!ground) return null;
  return (
    <ul className="tabular mt-2 text-tiny text-ink-soft">
      <li>{sayColour(ground)}</li>
      {others.map((shade, i) => (
        <li key={i}>
          {sayWith(piecesWords.besideTheFirst, {
            colour: sayColour(shade),
            why: lowerCase(sayRelation(ground, shade).why),
          })}
        </li>
      ))}
    </ul>
  );
}

function sayColour(shade: Shade): string {
  const { family, ...manner } = wordsOf(shade);
  return sayWith(piecesWords.colourIs, { Family: capital(family), ...manner });
}

/** A sentence as it goes on behind a colon. */
function lowerCase(sentence: string): string {
  return sentence.charAt(0).toLowerCase() + sentence.slice(1);
}

function isHex(hex: unknown): hex is string {
  return typeof hex === "string" && /^#[0-9a-f]{6}$/i.test(hex);
}
