"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { placeOf } from "@/core/piece/piece";
import type { RowToKeep } from "@/core/intake/rows";
import type { Outcome } from "@/core/schema/outcome";
import type { ClientInput } from "@/core/studio/client-record";
import type { GroupInput } from "@/core/studio/group-record";
import type { OccasionInput } from "@/core/studio/occasion-record";
import type { PieceRecord } from "@/core/studio/piece-record";
import { startWords } from "@/words/start";
import { sayWith } from "@/words/say";
import { ButtonLink } from "../kit/button";
import { Page } from "../kit/page";
import { unpacking } from "../kit/packed";
import type { PiecesCalled } from "../intake/parts/lines-box";
import { FirstBase } from "./parts/first-base";
import { FirstClient } from "./parts/first-client";
import { FirstOccasion } from "./parts/first-occasion";
import { FirstPieces } from "./parts/first-pieces";
import { Step } from "./parts/step";

type New<I> = I & { readonly id: null; readonly version: null };

export interface StartActions {
  readonly saveClient: (input: New<ClientInput>) => Promise<Outcome<string>>;
  readonly keepPieces: (input: { readonly pieces: readonly RowToKeep[] }) => Promise<Outcome<string[]>>;
  readonly called: PiecesCalled;
  readonly saveBase: (input: New<GroupInput>) => Promise<Outcome<string>>;
  readonly saveOccasion: (input: New<OccasionInput>) => Promise<Outcome<string>>;
}

interface StartProps {
  readonly day: string;
  readonly client: { readonly id: string; readonly name: string } | null;
  readonly pieces: readonly PieceRecord[];
  readonly bases: readonly {
    readonly id: string;
    readonly name: string;
    readonly pieceIds: readonly string[];
  }[];
  readonly occasions: readonly { readonly id: string; readonly name: string; readonly day: string }[];
  readonly actions: StartActions;
}

/** A studio's first afternoon: a client, a handful of pieces, a base, an occasion, and the first reading. */
function FirstSteps({ day, client, pieces, bases, occasions, actions }: StartProps) {
  const router = useRouter();
  const [isWriting, setWriting] = useState(false);
  const again = () => router.refresh();
  const garments = pieces.filter(({ piece }) => placeOf(piece) !== null);
  const canDress = garments.length > 0 && pieces.length > garments.length;
  const [base] = bases;
  const occasion = occasions.find((each) => each.day >= day) ?? occasions[0];
  const standings = standingsOf([client !== null, canDress && !isWriting, !!base, !!occasion]);
  const bench = client && base ? benchAddress(client.id, base.id, occasion?.id) : null;
  return (
    <Page title={startWords.firstSteps} about={startWords.fiveMinutes}>
      <ol className="border border-rule-strong">
        <Step number={1} title={startWords.client} standing={standings[0]}>
          {client ? <p>{client.name}</p> : <FirstClient save={actions.saveClient} onSaved={again} />}
        </Step>
        <Step number={2} title={startWords.pieces} standing={standings[1]}>
          {client ? (
            <FirstPieces
              client={client}
              pieces={pieces}
              isOpen={!canDress || isWriting}
              onOpen={() => setWriting(true)}
              actions={actions}
              onSaved={() => {
                setWriting(false);
                again();
              }}
            />
          ) : (
            <p>{startWords.piecesLater}</p>
          )}
        </Step>
        <Step number={3} title={startWords.base} standing={standings[2]}>
          {base ? (
            <p>{base.name}</p>
          ) : client && canDress ? (
            <FirstBase client={client} garments={garments} save={actions.saveBase} onSaved={again} />
          ) : (
            <p>{startWords.baseLater}</p>
          )}
        </Step>
        <Step number={4} title={startWords.occasion} standing={standings[3]}>
          {occasion ? (
            <p>{occasion.name}</p>
          ) : client && base ? (
            <FirstOccasion client={client} day={day} save={actions.saveOccasion} onSaved={again} />
          ) : (
            <p>{startWords.occasionLater}</p>
          )}
        </Step>
        <Step number={5} title={startWords.reading} standing={bench && occasion ? "now" : "later"}>
          <p>{startWords.whatTheReadingIs}</p>
          {bench && occasion && <ToTheBench href={bench} client={client?.name ?? ""} />}
        </Step>
      </ol>
    </Page>
  );
}

function ToTheBench({ href, client }: { readonly href: `/bench?${string}`; readonly client: string }) {
  return (
    <p>
      <ButtonLink look="strong" size="touch" href={href}>
        {sayWith(startWords.dress, { client })}
      </ButtonLink>
    </p>
  );
}

/** A studio's first afternoon, laid out from what is on record already. */
export const Start = unpacking<StartProps, "client" | "pieces" | "bases" | "occasions">(FirstSteps);

type Standing = "done" | "now" | "later";

/** The first step that is not done is to be done now. */
function standingsOf(
  done: readonly [boolean, boolean, boolean, boolean],
): [Standing, Standing, Standing, Standing] {
  const now = done.indexOf(false);
  const standing = (i: 0 | 1 | 2 | 3): Standing => (done[i] ? "done" : i === now ? "now" : "later");
  return [standing(0), standing(1), standing(2), standing(3)];
}

function benchAddress(clientId: string, baseId: string, occasionId: string | undefined): `/bench?${string}` {
  return `/bench?client=${clientId}&base=${baseId}${occasionId ? `&occasion=${occasionId}` : ""}`;
}
