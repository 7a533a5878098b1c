import type { LinkReply } from "@/core/studio/link-record";
import { dayReader, toldOf, type ShownLook } from "@/core/studio/shown-look";
import type { LengthUnit } from "@/core/length/length";
import { withoutPhoto } from "@/core/piece/piece";
import type { Tenant } from "../db/tenant";
import { bases } from "./bases";
import { findClient } from "./clients";
import { linkOpened, linkShown } from "./links";
import { looksById } from "./looks";
import { occasionsById } from "./occasions";
import { recordOfEach, resting } from "./on-record";
import { piecesById } from "./pieces";
import { thisStudio } from "./studio";

/** What whoever holds a link sees: the looks that were chosen, and nothing else of the studio. */
export interface LinkRoom {
  readonly studio: string;
  readonly unit: LengthUnit;
  readonly greeting: string;
  readonly expiresAt: string;
  readonly looks: readonly ShownLook[];
  readonly replies: readonly LinkReply[];
}

/** What a link shows, and that it was opened; null when there is nothing to show any more. */
export async function linkRoom(tenant: Tenant, linkId: string): Promise<LinkRoom | null> {
  const link = await linkShown(tenant, linkId);
  const client = link && (await findClient(tenant, link.clientId));
  if (!client) return null;
  const looks = await looksById(tenant, link.lookIds);
  const shownBases = await bases.byId(
    tenant,
    looks.map(({ baseId }) => baseId),
  );
  const worn = [
    ...shownBases.flatMap(({ pieceIds }) => pieceIds),
    ...looks.flatMap(({ accessoryIds }) => accessoryIds),
  ];
  const pieces = (await piecesById(tenant, [...new Set(worn)])).map((record) => ({
    ...record,
    // A photo is for the studio's eyes.
    piece: withoutPhoto(record.piece),
  }));
  const show = dayReader({
    clients: [client],
    bases: shownBases,
    pieces,
    occasions: await occasionsById(
      tenant,
      looks.flatMap(({ occasionId }) => occasionId ?? []),
    ),
    onRecord: await recordOfEach(tenant, [link.clientId], resting(pieces)),
  });
  const studio = await thisStudio(tenant);
  await linkOpened(tenant, linkId);
  return {
    studio: studio.name,
    unit: studio.lengthUnit,
    greeting: link.greeting,
    expiresAt: link.expiresAt,
    looks: looks.flatMap((look) => {
      const shown = show(look);
      return shown ? [toldOf(shown)] : [];
    }),
    replies: link.replies,
  };
}
