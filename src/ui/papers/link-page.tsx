import { format, parseISO } from "date-fns";
import type { LengthUnit } from "@/core/length/length";
import type { LinkReply } from "@/core/studio/link-record";
import type { ShownLook } from "@/core/studio/shown-look";
import { papersWords } from "@/words/papers";
import { sayWith } from "@/words/say";
import { Blocks } from "./parts/block-views";
import { lookBlocks } from "./parts/look-part";
import { lookTitle } from "./words/look-title";
import type { PaperDrawing } from "./state/paper";
import { ReplyForm, type AnswerLink } from "./parts/reply-form";

interface LinkPageProps {
  readonly token: string;
  readonly studio: string;
  readonly unit: LengthUnit;
  readonly greeting: string;
  readonly expiresAt: string;
  readonly looks: readonly ShownLook[];
  readonly replies: readonly LinkReply[];
  readonly answer: AnswerLink;
}

/** What a client sees by her link: each look drawn, and a way to answer it. It comes drawn: reading needs no script. */
export function LinkPage({
  token,
  studio,
  unit,
  greeting,
  expiresAt,
  looks,
  replies,
  answer,
}: LinkPageProps) {
  const until = format(parseISO(expiresAt.slice(0, 10)), "EEEE d MMMM");
  return (
    <main className="mx-auto grid max-w-[40rem] gap-6 px-4 py-6">
      <header>
        <p className="font-serif text-title leading-tight">{sayWith(papersWords.looksFrom, { studio })}</p>
        {greeting && <p className="mt-3 font-serif text-lead whitespace-pre-line">{greeting}</p>}
        <p className="mt-3 text-ink-soft">{sayWith(papersWords.answerUntil, { day: until })}</p>
        <noscript>
          <p className="mt-2 text-ink-soft">{papersWords.answeringNeedsScript}</p>
        </noscript>
      </header>
      {looks.map((shown) => (
        <article key={shown.record.id} className="border border-rule-strong bg-white p-5 text-ink">
          <Blocks blocks={lookBlocks(shown, unit, { care: false })} Drawing={Drawn} />
          <ReplyForm
            token={token}
            lookId={shown.record.id}
            look={lookTitle(shown).name}
            reply={replies.find(({ lookId }) => lookId === shown.record.id) ?? null}
            answer={answer}
          />
        </article>
      ))}
    </main>
  );
}

function Drawn({ drawing, className }: { readonly drawing: PaperDrawing; readonly className: string }) {
  return <span className={`block ${className}`}>{drawing.draw()}</span>;
}

/** What a link says that opens nothing, or not now. */
export function NoLink({ say }: { readonly say: string }) {
  return (
    <main className="mx-auto max-w-[40rem] px-4 py-16">
      <h1 className="text-title">{papersWords.linkDoesNotHold}</h1>
      <p className="mt-3">{say}</p>
    </main>
  );
}
