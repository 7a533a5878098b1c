"use client";

import { useCallback } from "react";
import { colourShares } from "@/core/dressing/colour-shares";
import { clothOf, picturedOn, type Scarf, type TieSettings } from "@/core/piece/tied-scarf";
import { markOf } from "@/core/reading/verdict";
import { namedFolds } from "@/core/scarf/folds";
import { foldOf, sidesOf } from "@/core/scarf/tied";
import { tieSpec } from "@/core/scarf/ties";
import type { TiePlace } from "@/core/scarf/ties/define-tie";
import { asksForNothingLoose, coloursLike, type TieChoice } from "@/core/search/scarf-ties";
import { sayWith } from "@/words/say";
import { scarvesWords } from "@/words/scarves";
import { useAsk, type Question } from "../../workers/use-ask";
import { Mark, wordOf } from "../../kit/marks";
import { Toggle } from "../../kit/toggle";
import { FoldedPicture } from "../../drawing/scarf/folded-picture";
import { useBenchState, useDesk } from "../state/desk/use-desk";

/** How many ways of tying are offered at once. */
const offeredAtOnce = 3;
/** How many colours of the look are offered to be shown. */
const coloursAtOnce = 4;

interface ScarfOffersProps {
  readonly scarf: Scarf;
  readonly place: TiePlace;
  readonly onTry: (settings: TieSettings | null) => void;
  readonly onTake: (settings: TieSettings) => void;
}

/** The ties that the look reads best with, or that show a colour that is wanted, each with its folded picture. */
export function ScarfOffers({ scarf, place, onTry, onTake }: ScarfOffersProps) {
  const { workers, key, look } = useDesk();
  const show = useBenchState((state) => state.scarfShows);
  const question = useCallback<Question<TieChoice[]>>(
    (worker) => worker.ties(key, scarf.id, { place, show, most: offeredAtOnce }),
    [key, scarf.id, place, show],
  );
  const { value: offers } = useAsk(workers, question);
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-1">
      <Wishes scarf={scarf} />
      {offers === null ? (
        <p className="text-tiny text-ink-soft">{scarvesWords.tryingFolds}</p>
      ) : offers.length === 0 ? (
        <p className="text-tiny text-ink-soft">
          {asksForNothingLoose(look) ? scarvesWords.nothingLoose : scarvesWords.noTieHere}
        </p>
      ) : (
        <ul className="grid grid-cols-[minmax(0,1fr)] gap-1">
          {offers.map((offer) => (
            <li key={offer.settings.tie}>
              <Offer scarf={scarf} offer={offer} onTry={onTry} onTake={onTake} />
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

/** What is to show: whatever reads best, most of the picture, a colour of the look, or one of the scarf. */
function Wishes({ scarf }: Pick<ScarfOffersProps, "scarf">) {
  const { steps, dressed } = useDesk();
  const show = useBenchState((state) => state.scarfShows);
  const wanted = typeof show === "object" ? show.colour : null;
  const picture = picturedOn(scarf);
  /** The numbers of the scarf's colours that one takes for this one. */
  const like = (hex: string) => [...coloursLike(picture, [hex])].join();
  const has = (hex: string) => like(hex) !== "";
  const elsewhere = colourShares(dressed.palette.filter(({ item }) => item.piece.id !== scarf.id)).map(
    ({ shade: { hex }, pieces }) => ({
      hex,
      label: sayWith(scarvesWords.showTheColourOf, { piece: pieces[0] ?? "" }),
    }),
  );
  // Two blues of a look that the scarf has one blue for are one wish.
  const ofTheLook = elsewhere
    .filter(({ hex }, i) => has(hex) && elsewhere.findIndex((one) => like(one.hex) === like(hex)) === i)
    .slice(0, coloursAtOnce);
  // A colour that was pressed in the palette stays to be seen, though the scarf may have nothing of it.
  const pressed = elsewhere.filter(
    ({ hex }) => hex === wanted && !ofTheLook.some((each) => each.hex === hex),
  );
  const ofTheScarf = picture.colours.map((hex) => ({
    hex,
    label: sayWith(scarvesWords.showThisColour, { hex }),
  }));
  return (
    <>
      <div className="flex flex-wrap items-center gap-1">
        <span className="mr-1 text-tiny text-ink-soft">{scarvesWords.showWhat}</span>
        <Toggle
          on={show === "best"}
          onChange={() => steps.showInScarf("best")}
          hint={scarvesWords.whatReadsBestHint}
        >
          {scarvesWords.whatReadsBest}
        </Toggle>
        <Toggle
          on={show === "picture"}
          onChange={(on) => steps.showInScarf(on ? "picture" : "best")}
          hint={scarvesWords.mostOfThePictureHint}
        >
          {scarvesWords.mostOfThePicture}
        </Toggle>
      </div>
      <WishedColours name={scarvesWords.ofTheLook} colours={[...pressed, ...ofTheLook]} wanted={wanted} />
      <WishedColours name={scarvesWords.ofTheScarf} colours={ofTheScarf} wanted={wanted} />
      {wanted !== null && !has(wanted) && (
        <p className="text-tiny text-ink-soft">{scarvesWords.hasNoneOfIt}</p>
      )}
    </>
  );
}

interface WishedColoursProps {
  /** Whose colours they are. */
  readonly name: string;
  readonly colours: readonly { readonly hex: string; readonly label: string }[];
  readonly wanted: string | null;
}

function WishedColours({ name, colours, wanted }: WishedColoursProps) {
  const { steps } = useDesk();
  if (colours.length === 0) return null;
  return (
    <div className="flex flex-wrap items-center gap-1">
      <span className="w-14 text-tiny text-ink-soft">{name}</span>
      {colours.map(({ hex, label }, at) => (
        <button
          key={`${at} ${hex}`}
          type="button"
          aria-pressed={wanted === hex}
          aria-label={label}
          title={label}
          onClick={() => steps.showInScarf(wanted === hex ? "best" : { colour: hex })}
          style={{ background: hex }}
          className="size-5.5 border border-rule-strong aria-pressed:outline-2 aria-pressed:outline-offset-1 aria-pressed:outline-ink touch:size-11"
        />
      ))}
    </div>
  );
}

interface OfferProps extends Pick<ScarfOffersProps, "scarf" | "onTry" | "onTake"> {
  readonly offer: TieChoice;
}

function Offer({ scarf, offer: { settings, wanted, ...read }, onTry, onTake }: OfferProps) {
  const show = useBenchState((state) => state.scarfShows);
  const cloth = clothOf(scarf);
  return (
    <button
      type="button"
      onPointerEnter={() => onTry(settings)}
      onPointerLeave={() => onTry(null)}
      onFocus={() => onTry(settings)}
      onBlur={() => onTry(null)}
      onClick={() => onTake(settings)}
      className="grid w-full gap-0.5 border border-rule bg-paper p-1.5 text-left hover:bg-well"
    >
      <FoldedPicture
        folded={foldOf(cloth, settings)}
        picture={picturedOn(scarf)}
        sides={sidesOf(cloth)}
        axis={namedFolds[settings.fold].axis}
        view="front"
        paler={scarf.figures.paler}
        label={namedFolds[settings.fold].name}
        className="h-8 w-full"
      />
      <span className="leading-tight">{tieSpec(settings.tie).name}</span>
      <span className="tabular flex items-center gap-1 text-tiny text-ink-soft">
        <Mark of={read.verdict} className="size-3.5" />
        <span className="sr-only">{wordOf(read.verdict)}</span>
        {markOf(read)}
        {show !== "best" &&
          `, ${sayWith(show === "picture" ? scarvesWords.shareOfPicture : scarvesWords.shareShown, { share: Math.round(wanted * 100) })}`}
      </span>
    </button>
  );
}
