"use client";

import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { bodyOf } from "@/core/body/body";
import { isKind, type Piece } from "@/core/piece/piece";
import { canBeTied, clothOf, usualTie, type Scarf, type TieSettings } from "@/core/piece/tied-scarf";
import type { ClientRecord } from "@/core/studio/client-record";
import type { PieceRecord } from "@/core/studio/piece-record";
import { sidesOf } from "@/core/scarf/tied";
import { tieNames, tieSpec } from "@/core/scarf/ties";
import { usualWay } from "@/core/scarf/usual-way";
import { scarvesWords } from "@/words/scarves";
import { sayWith } from "@/words/say";
import { ButtonLink } from "../kit/button";
import { Page } from "../kit/page";
import { Select } from "../kit/select";
import { FoldBoard } from "./parts/fold-board";
import { TieCard } from "./parts/tie-card";
import { TieGallery } from "./parts/tie-gallery";
import type { NamedNeck } from "./parts/possible-tie";

interface ScarfRoomProps {
  readonly scarf: PieceRecord;
  readonly clients: readonly NamedNeck[];
  readonly client: ClientRecord | null;
  readonly garments: readonly PieceRecord[];
  readonly others: readonly PieceRecord[];
  readonly tiedTo: readonly PieceRecord[];
}

/** A scarf on a page of its own: its picture, what each fold shows, every tie on a client, and the card to hand over. */
export function ScarfRoom({ scarf: { piece }, ...room }: ScarfRoomProps) {
  if (!isKind(piece, "scarf")) return null;
  return <Room scarf={piece} {...room} />;
}

interface RoomProps extends Omit<ScarfRoomProps, "scarf"> {
  readonly scarf: Scarf;
}

function Room({ scarf, clients, client, garments, others, tiedTo }: RoomProps) {
  const [settings, setSettings] = useState<TieSettings>(() => firstTie(scarf));
  const body = useMemo(() => client && bodyOf(client.client.measured), [client]);
  const worn = useMemo(() => garments.map(({ piece }) => piece), [garments]);
  const heldBy = useMemo(() => tiedTo.map(({ piece }) => piece), [tiedTo]);
  const otherScarves = useMemo(
    () => others.flatMap(({ piece }): Scarf[] => (isScarf(piece) && canBeTied(piece) ? [piece] : [])),
    [others],
  );
  const actions = <RoomActions scarf={scarf} clients={clients} client={client} />;
  if (!canBeTied(scarf))
    return (
      <Page title={scarf.name} actions={actions}>
        <p className="text-ink-soft">{scarvesWords.aTieIsNotFolded}</p>
      </Page>
    );
  return (
    <Page
      title={scarf.name}
      about={scarf.figures.picture ? scarvesWords.aboutTheRoom : scarvesWords.noPictureDrawn}
      actions={actions}
    >
      <FoldBoard scarf={scarf} cloth={clothOf(scarf)} settings={settings} onSettings={setSettings} />
      {client && body ? (
        <>
          <TieGallery
            scarf={scarf}
            client={client.client}
            body={body}
            garments={worn}
            tiedTo={heldBy}
            others={otherScarves}
            necks={clients}
            settings={settings}
            onSettings={setSettings}
          />
          <TieCard
            scarf={scarf}
            client={client.client}
            body={body}
            garments={worn}
            tiedTo={heldBy}
            settings={settings}
          />
        </>
      ) : (
        <p className="mt-6 border border-dashed border-rule-strong bg-paper p-6 text-ink-soft">
          {sayWith(scarvesWords.addAClient, { count: tieNames.length })}
        </p>
      )}
    </Page>
  );
}

/** On whom the scarf is tried, and the way to its figures. */
function RoomActions({ scarf, clients, client }: Pick<RoomProps, "scarf" | "clients" | "client">) {
  const router = useRouter();
  return (
    <>
      {client && (
        <div className="w-48">
          <Select
            label={scarvesWords.triedOn}
            value={client.client.id}
            options={clients}
            onChange={(id) => router.replace(`/rail/${scarf.id}/scarf?client=${id}`)}
          />
        </div>
      )}
      <ButtonLink href={`/rail/${scarf.id}`}>{scarvesWords.itsFigures}</ButtonLink>
    </>
  );
}

const isScarf = (piece: Piece): piece is Scarf => isKind(piece, "scarf");

/** The tie a scarf's page opens with: its usual one, else the first that its cloth can be folded for. */
function firstTie(scarf: Scarf): TieSettings {
  const { loop } = scarf.figures;
  const usual = usualTie(scarf);
  if (usual) return usual;
  const ways = tieNames
    .filter((tie) => (tieSpec(tie).loopOnly ?? false) === loop)
    .flatMap((tie) => usualWay(tie, sidesOf(scarf.figures)) ?? []);
  const [first] = ways;
  if (!first) throw new Error("no tie takes a fold that any cloth can do");
  return first;
}
