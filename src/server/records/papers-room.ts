import { isKind, isLegged, type Piece } from "@/core/piece/piece";
import { canBeTied, usualTie } from "@/core/piece/tied-scarf";
import { inseamFor } from "@/core/reading/tailor";
import { boardReader } from "@/core/search/board";
import type { GroupRecord } from "@/core/studio/group-record";
import { newestOfEach, type LookRecord } from "@/core/studio/look-record";
import type { AskedPaper } from "@/core/schema/paper-wish";
import {
  mostHandedOver,
  type PaperHem,
  type PaperScarf,
  type PaperSet,
  type PaperSource,
} from "@/core/studio/paper-source";
import { dayReader, toldOf, type ShownLook } from "@/core/studio/shown-look";
import { layOut } from "@/core/studio/wardrobe";
import type { Tenant } from "../db/tenant";
import { oneATurn } from "../turns";
import { bases } from "./bases";
import { clientHead } from "./client-rooms";
import { listGaps } from "./gaps";
import { listLooks } from "./looks";
import { listOccasions } from "./occasions";
import { recordOfEach, resting } from "./on-record";
import { listPieces } from "./pieces";
import { sets } from "./sets";
import { thisStudio } from "./studio";

/** Everything a client's papers are made from; null when there is no such client. */
export async function papersRoom(tenant: Tenant, clientId: string) {
  const head = await clientHead(tenant, clientId);
  if (!head) return null;
  const pieces = await listPieces(tenant, clientId);
  return {
    head,
    studio: await thisStudio(tenant),
    pieces,
    looks: await listLooks(tenant, clientId, mostHandedOver),
    bases: await bases.list(tenant, clientId),
    sets: await sets.list(tenant, clientId),
    occasions: await listOccasions(tenant, clientId),
    gaps: await listGaps(tenant, clientId),
    onRecord: await recordOfEach(tenant, [clientId], resting(pieces)),
  };
}

type PapersRoom = NonNullable<Awaited<ReturnType<typeof papersRoom>>>;

/** Reads what a paper needs, a look and a row at a turn, so that nobody else waits for it. */
export async function paperSource(room: PapersRoom, asked: AskedPaper): Promise<PaperSource> {
  const { studio, head, onRecord } = room;
  const { kind } = asked;
  const { client } = head.record;
  const show = dayReader({ ...room, clients: [head.record] });
  const shown = await oneATurn(chosen(room, asked.looks), show);
  const looks = shown.flatMap((look) => (look ? [toldOf(look)] : []));
  return {
    studio: studio.name,
    unit: studio.lengthUnit,
    today: onRecord.today,
    client,
    looks: looks.sort(byDay),
    sets: kind === "lookbook" ? await setsWithReach(room) : [],
    gaps: room.gaps,
    hems: kind === "tailors-sheet" ? await hemsOf(looks) : [],
    scarf: kind === "scarf-card" ? scarfOf(room, asked) : null,
  };
}

/** The looks that were asked for; without a word, of each base for each occasion the one last worked on. */
function chosen({ looks }: PapersRoom, ids: AskedPaper["looks"]): LookRecord[] {
  return ids ? looks.filter(({ id }) => ids.includes(id)) : newestOfEach(looks);
}

/** By the day they are worn; those for any day last. */
function byDay(one: ShownLook, other: ShownLook): number {
  const [first, second] = [one.look.occasion, other.look.occasion];
  if (!first || !second) return Number(!first) - Number(!second);
  return first.day.localeCompare(second.day) || first.id.localeCompare(second.id);
}

async function setsWithReach(room: PapersRoom): Promise<PaperSet[]> {
  const wardrobe = { client: room.head.record.client, pieces: piecesOf(room), occasions: [], away: [] };
  const readCells = boardReader();
  return oneATurn(room.sets, ({ id, name, pieceIds, ways }) => ({
    id,
    name,
    ways,
    pieces: inRoom(room, pieceIds),
    reach: readCells(room.bases, (base) =>
      layOut(wardrobe, {
        garmentIds: base.pieceIds,
        accessoryIds: pieceIds,
        adjustments: ways,
        occasionId: null,
      }),
    ).map(({ reach }) => reach),
  }));
}

/** Each pair of trousers of the looks, with the shoes it is worn with in them. */
async function hemsOf(looks: readonly ShownLook[]): Promise<PaperHem[]> {
  const worn = new Map<
    string,
    { readonly trousers: PaperHem["trousers"]; readonly shoes: Map<string, Piece> }
  >();
  for (const { look } of looks)
    for (const trousers of look.garments.filter(isLegged)) {
      const known = worn.get(trousers.id) ?? { trousers, shoes: new Map<string, Piece>() };
      for (const piece of look.accessories) if (piece.kind === "shoe") known.shoes.set(piece.id, piece);
      worn.set(trousers.id, known);
    }
  const [first] = looks;
  if (!first) return [];
  const withShoes = [...worn.values()].filter(({ shoes }) => shoes.size > 0);
  return oneATurn(withShoes, ({ trousers, shoes }) => ({
    trousers,
    shoes: [...shoes.values()],
    answer: inseamFor(
      first.client,
      trousers,
      [...shoes.values()].filter((shoe) => isKind(shoe, "shoe")),
    ),
  }));
}

function scarfOf(room: PapersRoom, asked: AskedPaper): PaperScarf | null {
  const scarf = room.pieces.find(({ piece }) => piece.id === asked.scarf)?.piece;
  if (!scarf || !isKind(scarf, "scarf") || !canBeTied(scarf)) return null;
  const settings = asked.tie ?? usualTie(scarf);
  if (!settings) return null;
  const [base] = room.bases;
  const pieces = piecesOf(room);
  return {
    scarf,
    settings,
    garments: base ? inRoom(room, base.pieceIds) : [],
    tiedTo: [
      pieces.find((piece) => piece.kind === "bag" && piece.figures.strap > 0),
      pieces.find((piece) => piece.kind === "hat"),
    ].flatMap((piece) => piece ?? []),
  };
}

const piecesOf = ({ pieces }: PapersRoom) => pieces.map(({ piece }) => piece);

/** Pieces by their ids, in the order of these. */
function inRoom({ pieces }: PapersRoom, ids: GroupRecord["pieceIds"]): Piece[] {
  return ids.flatMap((id) => pieces.find(({ piece }) => piece.id === id)?.piece ?? []);
}
