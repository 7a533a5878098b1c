"use client";

import { cloths } from "@/core/finish/cloths";
import { finishNames } from "@/core/finish/finishes";
import { metalNames } from "@/core/finish/metals";
import { patterns, statementWords } from "@/core/piece/piece-common";
import { poles } from "@/core/style/poles";
import { ChoiceField, wordsAsOptions } from "../kit/form/fields";
import { LengthField } from "../kit/form/number-fields";
import { WordsField } from "../kit/form/words-field";
import { StepField } from "../kit/form/step-field";
import { LevelSpanField } from "./level-span-field";

/** Surface, metal, style and level: what a stylist sees first. */
export function CharacterFields() {
  return (
    <>
      <fieldset>
        <legend className="mb-2 font-serif text-lead">Surface and metal</legend>
        <div className="grid grid-cols-2 gap-3 xl:grid-cols-3">
          <ChoiceField name="piece.finish" label="Finish" options={wordsAsOptions(finishNames)} />
          <ChoiceField
            name="piece.secondFinish"
            label="Second finish"
            none="None"
            options={wordsAsOptions(finishNames)}
          />
          <ChoiceField name="piece.cloth" label="Cloth" none="Not said" options={wordsAsOptions(cloths)} />
          <ChoiceField name="piece.pattern" label="Pattern" options={wordsAsOptions(patterns)} />
          <LengthField
            name="piece.patternScale"
            label="Size of the pattern"
            help="0 when plain"
            empty={null}
          />
          <ChoiceField
            name="piece.metal"
            label="Metal"
            options={wordsAsOptions(metalNames)}
            help="look at the buckle"
          />
          <StepField
            name="piece.metalSize"
            label="How much metal shows"
            steps={["none", "a trace", "plain to see", "the point of it"]}
          />
        </div>
      </fieldset>
      <fieldset>
        <legend className="mb-2 font-serif text-lead">Style and level</legend>
        <div className="grid grid-cols-2 gap-3 xl:grid-cols-4">
          <StepField name="piece.statement" label="How eye-catching" none="Not said" steps={statementWords} />
          <LevelSpanField name="piece.register" />
        </div>
        <WordsField name="piece.poles" label="Style" help="one or two; none is not said" words={poles} />
      </fieldset>
    </>
  );
}
