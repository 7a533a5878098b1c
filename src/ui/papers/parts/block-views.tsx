import type { ReactNode } from "react";
import { Plate } from "../../drawing/plate";
import type { Block, PaperDrawing, PieceRow } from "../state/paper";

/** How a drawing is shown: at once, or where it comes into sight. */
type DrawingView = (props: { readonly drawing: PaperDrawing; readonly className: string }) => ReactNode;

interface WithDrawings {
  readonly Drawing: DrawingView;
}

/** Blocks one under the other. */
export function Blocks({ blocks, Drawing }: { readonly blocks: readonly Block[] } & WithDrawings) {
  return blocks.map((block, at) => {
    const Shown = shown[block.is] as (props: { readonly block: Block } & WithDrawings) => ReactNode;
    return <Shown key={at} block={block} Drawing={Drawing} />;
  });
}

type Shown<B extends Block["is"]> = (
  props: { readonly block: Extract<Block, { is: B }> } & WithDrawings,
) => ReactNode;

/** How each block is shown on a page. */
const shown: { readonly [B in Block["is"]]: Shown<B> } = {
  cover: ({ block: { over, text, under, drawing }, Drawing }) => (
    <>
      <header className="border-b-2 border-dashed border-thread pb-3">
        <p className="font-serif">{over}</p>
        <h1 className="font-serif text-[2.5rem] leading-tight">{text}</h1>
      </header>
      <p className="mt-2 text-small text-ink-soft">{under}</p>
      {drawing && <Drawing drawing={drawing} className="mx-auto mt-6 h-96" />}
    </>
  ),
  title: ({ block: { over, text, under } }) => (
    <header className="mb-4 border-b-2 border-dashed border-thread pb-2">
      <p className="text-small text-ink-soft">{over}</p>
      <h1 className="font-serif text-title leading-tight">{text}</h1>
      {under && <p className="tabular text-small text-ink-soft">{under}</p>}
    </header>
  ),
  heading: ({ block: { text } }) => <h2 className="mt-3 mb-1 text-small font-semibold">{text}</h2>,
  words: ({ block: { text, tone } }) => <p className={`mb-2 ${tones[tone]}`}>{text}</p>,
  points: ({ block: { points } }) => (
    <ul className="grid gap-1 text-small">
      {points.map((point) => (
        <li key={point}>{point}</li>
      ))}
    </ul>
  ),
  steps: ({ block: { steps } }) => (
    <ol className="grid gap-1 text-small">
      {steps.map((step, at) => (
        <li key={at} className="grid grid-cols-[1.5rem_minmax(0,1fr)]">
          <Number at={at} />
          {step}
        </li>
      ))}
    </ol>
  ),
  "drawn steps": ({ block: { steps }, Drawing }) => (
    <ol className="grid grid-cols-2 gap-x-5 gap-y-4 sm:grid-cols-3">
      {steps.map(({ drawing, words }, at) => (
        <li key={at} className="break-inside-avoid text-small">
          <Drawing drawing={drawing} className="h-32 w-full" />
          <p className="mt-1 grid grid-cols-[1.5rem_minmax(0,1fr)]">
            <Number at={at} />
            {words}
          </p>
        </li>
      ))}
    </ol>
  ),
  pieces: ({ block: { rows, ticked } }) => (
    <ul className="mb-2">
      {rows.map((row, at) => (
        <Row key={at} row={row} ticked={ticked} />
      ))}
    </ul>
  ),
  figure: ({ block: { drawing, beside }, Drawing }) => (
    <div className="papers-beside grid gap-4">
      <Drawing drawing={drawing} className="h-[26rem] w-full" />
      <div>
        <Blocks blocks={beside} Drawing={Drawing} />
      </div>
    </div>
  ),
};

const tones = { plain: "text-small", soft: "text-small text-ink-soft", aside: "font-serif" } as const;

function Number({ at }: { readonly at: number }) {
  return <span className="font-serif text-lead leading-none text-thread">{at + 1}</span>;
}

function Row({
  row: { piece, name, notes, colours = [] },
  ticked,
}: {
  readonly row: PieceRow;
  readonly ticked: boolean;
}) {
  return (
    <li className="flex items-center gap-3 border-b border-rule py-1 break-inside-avoid">
      {ticked && <span aria-hidden="true" className="size-4 shrink-0 border border-ink-soft" />}
      <Plate piece={piece} className="h-10 w-14 shrink-0" />
      <span className="min-w-0 grow text-small leading-tight">
        {name}
        {notes.map((note) => (
          <span key={note} className="block text-tiny text-ink-soft">
            {note}
          </span>
        ))}
      </span>
      {colours.map((hex) => (
        <span
          key={hex}
          aria-hidden="true"
          className="size-8 shrink-0 border border-rule"
          style={{ background: hex }}
        />
      ))}
    </li>
  );
}
