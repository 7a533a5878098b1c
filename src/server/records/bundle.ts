import { v7 as uuid } from "uuid";
import type { Bundle } from "@/core/formats/bundle";
import { read } from "@/core/reading/read";
import type { KeptReading } from "@/core/studio/look-record";
import { draftOf } from "@/core/studio/piece-record";
import { layOut } from "@/core/studio/wardrobe";
import type { Tenant } from "../db/tenant";
import { bases } from "./bases";
import { addClient, findClient } from "./clients";
import { addGap } from "./gaps";
import { keepLook } from "./looks";
import { addOccasion } from "./occasions";
import { addPiece } from "./pieces";
import { sets } from "./sets";
import { addWear } from "./wears";

/** Takes a client whole into the studio, everything under new ids; gives back the client's. */
export async function addBundle(tenant: Tenant, bundle: Bundle): Promise<string> {
  const clientId = await addClient(tenant, bundle.client);
  const ids = new Map<string, string>();
  const idOf = (kind: string, own: string) => {
    const key = `${kind} ${own}`;
    const id = ids.get(key) ?? uuid();
    ids.set(key, id);
    return id;
  };
  const piecesOf = (own: readonly string[]) => own.map((id) => idOf("piece", id));
  for (const piece of bundle.pieces) {
    const {
      state = "ready",
      backOn = null,
      needs = [],
    } = bundle.care.find((each) => each.piece === piece.id) ?? {};
    const input = { piece: draftOf(piece), clientId, state, backOn, needs };
    await addPiece(tenant, input, idOf("piece", piece.id));
  }
  for (const { id, ...occasion } of bundle.occasions)
    await addOccasion(tenant, { clientId, occasion }, idOf("occasion", id));
  for (const { id, name, pieceIds } of bundle.bases)
    await bases.add(tenant, { clientId, name, pieceIds: piecesOf(pieceIds) }, idOf("base", id));
  for (const { id, name, pieceIds, ways, worn } of bundle.sets) {
    const tied = ways.map((tie) => ({ ...tie, piece: idOf("piece", tie.piece) }));
    const set = { clientId, name, pieceIds: piecesOf(pieceIds), ways: tied };
    const setId = await sets.add(tenant, set, idOf("set", id));
    for (const day of worn) await addWear(tenant, { clientId, setId, day });
  }
  const readAsItComes = await readerOf(tenant, clientId, bundle);
  for (const [at, look] of bundle.looks.entries()) {
    const { baseId, occasionId, accessoryIds, adjustments } = look;
    const lookId = uuid();
    await keepLook(tenant, {
      id: lookId,
      clientId,
      baseId: idOf("base", baseId),
      occasionId: occasionId === null ? null : idOf("occasion", occasionId),
      name: "",
      note: "",
      stepId: null,
      version: 0,
      writer: uuid(),
      turn: 1,
      unheard: [],
      newSteps: [],
      accessoryIds: piecesOf(accessoryIds),
      adjustments: adjustments.map((adjustment) => ({
        ...adjustment,
        piece: idOf("piece", adjustment.piece),
      })),
      ownVerdict: null,
      read: readAsItComes(look),
    });
    // They stand in the order of the file: the first is the one last worked on.
    await tenant("looks")
      .where({ studio_id: tenant.studioId, id: lookId })
      .update({ updated_at: tenant.raw("now() - make_interval(mins => ?)", [at]) });
  }
  for (const gap of bundle.gaps) await addGap(tenant, { clientId, ...gap });
  return clientId;
}

/** Reads the looks of a bundle as they come in, by the rule book their client has now. */
async function readerOf(tenant: Tenant, clientId: string, { pieces, occasions, bases: groups }: Bundle) {
  const record = await findClient(tenant, clientId);
  if (!record) throw new Error(`client ${clientId} was just added and is not there`);
  const wardrobe = { client: record.client, pieces, occasions, away: [] };
  const garments = new Map(groups.map(({ id, pieceIds }) => [id, pieceIds]));
  return (look: Bundle["looks"][number]): KeptReading => {
    const { verdict, score } = read(
      layOut(wardrobe, { ...look, garmentIds: garments.get(look.baseId) ?? [] }),
    );
    return { verdict, score, ruleBookVersion: record.client.ruleBook.version };
  };
}
