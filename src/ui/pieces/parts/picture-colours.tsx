"use client";

import { mostColours, type ClothPicture } from "@/core/scarf/picture";
import { piecesWords } from "@/words/pieces";
import { sayWith } from "@/words/say";
import { Button } from "../../kit/button";

interface ColoursProps {
  readonly picture: ClothPicture;
  readonly brush: number;
  readonly onBrush: (colour: number) => void;
  readonly onChange: (picture: ClothPicture) => void;
}

/** The colours of a picture: one is painted with, each can be changed, and more can be added. */
export function Colours({ picture, brush, onBrush, onChange }: ColoursProps) {
  const { colours } = picture;
  const at = Math.min(brush, colours.length - 1);
  return (
    <fieldset>
      <legend className="mb-1 text-tiny text-ink-soft">{piecesWords.paintWith}</legend>
      <div className="flex flex-wrap items-center gap-1.5">
        {colours.map((hex, colour) => (
          <button
            key={colour}
            type="button"
            aria-pressed={colour === at}
            aria-label={sayWith(piecesWords.paintWithColour, { number: colour + 1, hex })}
            onClick={() => onBrush(colour)}
            style={{ background: hex }}
            className="size-9 border border-rule-strong aria-pressed:outline-2 aria-pressed:outline-offset-2 aria-pressed:outline-ink touch:size-11"
          />
        ))}
        {colours.length < mostColours && (
          <Button
            size="small"
            onClick={() => {
              onChange({ ...picture, colours: [...colours, "#888888"] });
              onBrush(colours.length);
            }}
          >
            {piecesWords.anotherColour}
          </Button>
        )}
      </div>
      <label className="mt-2 flex items-center gap-2 text-tiny">
        {piecesWords.thisColourIs}
        <input
          type="color"
          value={colours[at] ?? "#888888"}
          onChange={(event) =>
            onChange({ ...picture, colours: colours.map((hex, i) => (i === at ? event.target.value : hex)) })
          }
          className="h-9 w-14 border border-rule-strong bg-paper p-0.5 touch:h-11"
        />
      </label>
    </fieldset>
  );
}
