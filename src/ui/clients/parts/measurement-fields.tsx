"use client";

import { useWatch } from "react-hook-form";
import { bodyOf } from "@/core/body/body";
import { measurementNames, measurements, type MeasurementName } from "@/core/body/measurements";
import { bareLength } from "@/core/length/length";
import { sayWith } from "@/words/say";
import { clientsWords } from "@/words/clients";
import { LengthField } from "../../kit/form/number-fields";
import { useLengthUnit } from "../../kit/length-unit";
import { soundMeasured } from "../state/sound-measured";

interface MeasurementFieldsProps {
  readonly active: MeasurementName | null;
  readonly onActive: (name: MeasurementName) => void;
}

const groups = [
  {
    kind: "height",
    title: clientsWords.heights,
    about: clientsWords.aboveTheFloorBarefootWhat,
  },
  {
    kind: "girth",
    title: clientsWords.girths,
    about: clientsWords.aroundTheBodyTheLegs,
  },
] as const;

/** Every measurement in two groups; an estimate stands in grey where nothing was measured. */
export function MeasurementFields({ active, onActive }: MeasurementFieldsProps) {
  const unit = useLengthUnit();
  const measured = soundMeasured(useWatch({ name: "measured" }));
  const body = measured ? bodyOf(measured) : null;
  return (
    <>
      {groups.map(({ kind, title, about }) => (
        <fieldset key={kind}>
          <legend className="mb-1 font-serif text-lead">{title}</legend>
          <p className="mb-2 text-ink-soft">{about}</p>
          <div className="grid grid-cols-2 gap-x-4 gap-y-2.5 sm:grid-cols-3 xl:grid-cols-4">
            {measurementNames
              .filter((name) => measurements[name].kind === kind)
              .map((name) => {
                const measure = body?.measures[name];
                const guess =
                  kind === "height" && measure?.estimated
                    ? sayWith(clientsWords.est, { bareLength: bareLength(measure.cm, unit) })
                    : "";
                return (
                  <LengthField
                    key={name}
                    name={`measured.${name}`}
                    label={measurements[name].label}
                    placeholder={guess}
                    empty={undefined}
                    onFocus={() => onActive(name)}
                    className={active === name ? "basted p-1" : "p-1"}
                  />
                );
              })}
          </div>
        </fieldset>
      ))}
    </>
  );
}
