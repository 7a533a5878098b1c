"use client";

import { cloths } from "@/core/finish/cloths";
import { finishNames } from "@/core/finish/finishes";
import { metalNames } from "@/core/finish/metals";
import { patterns, statementWords } from "@/core/piece/piece-common";
import { poles } from "@/core/style/poles";
import { piecesWords } from "@/words/pieces";
import { ChoiceField, wordsAsOptions } from "../../kit/form/fields";
import { LengthField } from "../../kit/form/number-fields";
import { WordsField } from "../../kit/form/words-field";
import { StepField } from "../../kit/form/step-field";
import { LevelSpanField } from "./level-span-field";

/** Surface, metal, style and level: what a stylist sees first. */
export function CharacterFields() {
  return (
    <>
      <fieldset>
        <legend className="mb-2 font-serif text-lead">{piecesWords.surfaceAndMetal}</legend>
        <div className="grid grid-cols-2 gap-3 xl:grid-cols-3">
          <ChoiceField name="piece.finish" label={piecesWords.finish} options={wordsAsOptions(finishNames)} />
          <ChoiceField
            name="piece.secondFinish"
            label={piecesWords.secondFinish}
            none={piecesWords.none}
            options={wordsAsOptions(finishNames)}
          />
          <ChoiceField
            name="piece.cloth"
            label={piecesWords.cloth}
            none={piecesWords.notSaid}
            options={wordsAsOptions(cloths)}
          />
          <ChoiceField name="piece.pattern" label={piecesWords.pattern} options={wordsAsOptions(patterns)} />
          <LengthField
            name="piece.patternScale"
            label={piecesWords.sizeOfThePattern}
            help={piecesWords.n0WhenPlain}
            empty={null}
          />
          <ChoiceField
            name="piece.metal"
            label={piecesWords.metal}
            options={wordsAsOptions(metalNames)}
            help={piecesWords.lookAtTheBuckle}
          />
          <StepField
            name="piece.metalSize"
            label={piecesWords.howMuchMetalShows}
            steps={["none", "a trace", piecesWords.plainToSee, piecesWords.thePointOfIt]}
          />
        </div>
      </fieldset>
      <fieldset>
        <legend className="mb-2 font-serif text-lead">{piecesWords.styleAndLevel}</legend>
        <div className="grid grid-cols-2 gap-3 xl:grid-cols-4">
          <StepField
            name="piece.statement"
            label={piecesWords.howEyeCatching}
            none={piecesWords.notSaid}
            steps={statementWords}
          />
          <LevelSpanField name="piece.register" />
        </div>
        <WordsField
          name="piece.poles"
          label={piecesWords.style}
          help={piecesWords.oneOrTwoNoneIs}
          words={poles}
        />
      </fieldset>
    </>
  );
}
