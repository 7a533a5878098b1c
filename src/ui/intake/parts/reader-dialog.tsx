"use client";

import { useState } from "react";
import { readAveraged, steadySpread, trayReader, type AveragedReading } from "@/core/intake/colour-reader";
import { intakeWords } from "@/words/intake";
import { sayWith } from "@/words/say";
import { sayShade } from "../../colour/shade-words";
import { shadeOf } from "@/core/colour/shade";
import { Button } from "../../kit/button";
import { Dialog } from "../../kit/dialog";

interface ReaderDialogProps {
  readonly open: boolean;
  readonly onClose: () => void;
  /** Takes the colour that was read. */
  readonly onTake: (hex: string) => void;
}

/** The cloths of the tray that comes with the stand-in. */
const tray = [
  ["navy twill", "#232f52"],
  ["cognac suede", "#8d4a24"],
  ["ivory silk", "#efe6cf"],
  ["moss wool", "#56562c"],
  ["rust linen", "#a5482a"],
  ["cobalt crepe", "#2a4fb4"],
  ["wine velvet", "#571727"],
  ["slate flannel", "#5d646c"],
  ["blush satin", "#e4b7ad"],
  ["mustard knit", "#b5842a"],
  ["teal poplin", "#12686b"],
  ["black felt", "#17181a"],
] as const;

/** The colour reader: a cloth is laid under it, it is read three times, and the mean is taken with what the readings differ by. */
export function ReaderDialog({ open, onClose, onTake }: ReaderDialogProps) {
  const [cloth, setCloth] = useState<string | null>(null);
  const [reading, setReading] = useState<AveragedReading | null>(null);
  const read = async () => setReading(await readAveraged(trayReader(cloth, Math.random)));
  const isSteady = reading !== null && reading.spread <= steadySpread;
  return (
    <Dialog
      open={open}
      onOpenChange={(isOpen) => !isOpen && onClose()}
      title={intakeWords.colourReader}
      about={intakeWords.layAClothUnderIt}
    >
      <Tray
        chosen={cloth}
        onChoose={(hex) => {
          setCloth(hex);
          setReading(null);
        }}
      />
      <div className="mt-4 flex items-center gap-3">
        <Button disabled={cloth === null} onClick={() => void read()}>
          {intakeWords.readIt}
        </Button>
        {reading && (
          <span className="flex h-9" aria-hidden="true">
            {[...reading.readings, reading.hex].map((hex, i) => (
              <span key={i} className={i === 3 ? "ml-2 w-16" : "w-6"} style={{ background: hex }} />
            ))}
          </span>
        )}
      </div>
      <p role="status" className="mt-2 min-h-10">
        {reading &&
          sayWith(isSteady ? intakeWords.readingsAgree : intakeWords.readingsDiffer, {
            shade: sayShade(shadeOf(reading.hex)),
            hex: reading.hex,
            spread: Math.round(reading.spread * 10) / 10,
          })}
      </p>
      <div className="mt-2 flex justify-end gap-2">
        <Button onClick={onClose}>{intakeWords.leaveIt}</Button>
        <Button
          look="strong"
          disabled={!reading}
          onClick={() => {
            if (reading) onTake(reading.hex);
            onClose();
          }}
        >
          {intakeWords.takeThisColour}
        </Button>
      </div>
    </Dialog>
  );
}

interface TrayProps {
  readonly chosen: string | null;
  readonly onChoose: (hex: string) => void;
}

function Tray({ chosen, onChoose }: TrayProps) {
  return (
    <div role="group" aria-label={intakeWords.trayOfCloths} className="grid grid-cols-4 gap-2 sm:grid-cols-6">
      {tray.map(([name, hex]) => (
        <button
          key={hex}
          type="button"
          aria-pressed={chosen === hex}
          onClick={() => onChoose(hex)}
          className="grid gap-1 border border-rule p-1 text-tiny aria-pressed:border-ink aria-pressed:outline-1 aria-pressed:outline-ink"
        >
          <span className="h-10 w-full" style={{ background: hex }} />
          {name}
        </button>
      ))}
    </div>
  );
}
