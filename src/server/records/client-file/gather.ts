import type { ClientFile, FiledLook } from "@/core/formats/client-file/client-file";
import { counted } from "@/core/formats/client-file/named";
import { parseClientFile, serialiseClientFile } from "@/core/formats/client-file/read";
import type { LookState, LookStep } from "@/core/studio/look-steps";
import type { Tenant } from "../../db/tenant";
import { inTurns } from "../../turns";
import { bases } from "../bases";
import { findClient, measurementHistory } from "../clients";
import { everyGapOf } from "../gaps";
import { listLinks } from "../links";
import { everyStepOf } from "../look-steps";
import { everyLookOf } from "../looks";
import { occasionsById } from "../occasions";
import { NotFound } from "../refusal";
import { ruleBookVersions } from "../rule-books";
import { sets } from "../sets";
import { filedPieces, type PhotoToGo } from "./gather-pieces";
import { idsOf, inRowsOrder, isoOf, rowsOf } from "./rows";

/**
 * Everything on record of a client, as the file that goes out; read back once, so that what is saved can be opened.
 * @throws NotFound; FormatError where something on record would not be taken back
 */
export async function gatherClient(
  tenant: Tenant,
  clientId: string,
): Promise<{ readonly text: string; readonly photos: readonly PhotoToGo[] }> {
  const record = await findClient(tenant, clientId);
  if (!record) throw new NotFound(`no client ${clientId}`);
  const { id: _id, measured: _newest, ruleBook, ...client } = record.client;
  const versions = (await ruleBookVersions(tenant, clientId)).reverse();
  const own = await filedGroups(tenant, clientId);
  const { looks, lookIds } = await filedLooks(tenant, clientId);
  const said = await whatWasSaid(tenant, clientId);
  const { pieces, photos } = await filedPieces(tenant, clientId, [
    ...[...own.bases, ...own.sets].flatMap(({ pieceIds }) => pieceIds),
    ...looks.flatMap((look) => [look, ...look.steps].flatMap(namedIn)),
    ...said.overrulings.flatMap(({ pieceIds }) => pieceIds),
    ...said.declined.map(({ pieceId }) => pieceId),
  ]);
  const there = new Set(pieces.map(({ piece }) => piece.id));
  const file: ClientFile = {
    client: { ...client, notes: record.notes },
    measurements: (await measurementHistory(tenant, clientId)).reverse(),
    // What is changed without reading otherwise makes no version of its own: the newest is the book as it stands.
    ruleBooks: versions.map((each, i) => (i === versions.length - 1 ? { ...each, book: ruleBook } : each)),
    pieces,
    ...own,
    looks: looks.map((look) => withoutGone(look, there)),
    overrulings: said.overrulings.map(({ lookId, pieceIds, ...each }) => ({
      ...each,
      pieceIds: pieceIds.filter((id) => there.has(id)),
      ...(lookId === null || lookIds.has(lookId)
        ? { lookId }
        : // Its look is gone: it holds of nothing any more, and must not come to hold of every look.
          { lookId: null, withdrawnAt: each.withdrawnAt ?? each.madeAt }),
    })),
    declined: said.declined,
    gaps: await everyGapOf(tenant, clientId),
    links: await filedLinks(tenant, clientId),
  };
  const text = await inTurns(serialiseClientFile(file));
  const readBack = counted(await inTurns(parseClientFile(text)));
  return { text: await inTurns(serialiseClientFile(readBack)), photos };
}

async function filedGroups(
  tenant: Tenant,
  clientId: string,
): Promise<Pick<ClientFile, "occasions" | "bases" | "sets">> {
  const occasionRows = await rowsOf(tenant, "occasions", clientId);
  const occasions = await occasionsById(tenant, idsOf(occasionRows));
  const baseRows = await rowsOf(tenant, "bases", clientId);
  const setRows = await rowsOf(tenant, "sets", clientId);
  const retired = new Map(
    (
      await tenant("sets")
        .where({ studio_id: tenant.studioId, client_id: clientId })
        .select("id", "retired_at")
    ).map(({ id, retired_at }) => [id, isoOf(retired_at)]),
  );
  const wears = await tenant("wears")
    .where({ studio_id: tenant.studioId, client_id: clientId })
    .orderBy(["created_at", "id"])
    .select("set_id", "worn_on", "deleted_at");
  return {
    occasions: inRowsOrder(
      occasionRows,
      occasions.map(({ occasion }) => occasion),
      (occasion, putAwayAt) => ({ occasion, putAwayAt }),
    ),
    bases: inRowsOrder(
      baseRows,
      await bases.byId(tenant, idsOf(baseRows)),
      ({ id, name, pieceIds }, putAwayAt) => ({ id, name, pieceIds, putAwayAt }),
    ),
    sets: inRowsOrder(
      setRows,
      await sets.byId(tenant, idsOf(setRows)),
      ({ id, name, pieceIds, ways }, putAwayAt) => ({
        id,
        name,
        pieceIds,
        ways,
        retiredAt: retired.get(id) ?? null,
        worn: wears
          .filter(({ set_id }) => set_id === id)
          .map(({ worn_on, deleted_at }) => ({ day: worn_on, struckAt: isoOf(deleted_at) })),
        putAwayAt,
      }),
    ),
  };
}

async function filedLooks(tenant: Tenant, clientId: string) {
  const kept = await everyLookOf(tenant, clientId);
  const steps = await everyStepOf(tenant, clientId);
  const looks = kept.map(({ record, keptAt, putAwayAt }): FiledLook => {
    const { clientId: _client, version: _version, ...look } = record;
    const own = steps.get(look.id) ?? [];
    const known = new Set(idsOf(own));
    const knownOr = (id: string | null) => (id !== null && known.has(id) ? id : null);
    return {
      ...look,
      stepId: knownOr(look.stepId),
      steps: own.map((step) => ({ ...step, after: knownOr(step.after) })),
      keptAt: keptAt.toISOString(),
      putAwayAt: isoOf(putAwayAt),
    };
  });
  return { looks, lookIds: new Set(idsOf(looks)) };
}

function namedIn({ accessoryIds, adjustments }: LookState): string[] {
  return [...accessoryIds, ...adjustments.map(({ piece }) => piece)];
}

/** A look whose steps name only what is still on record: what was purged since cannot be drawn any more. */
function withoutGone(look: FiledLook, there: ReadonlySet<string>): FiledLook {
  const step = (each: LookStep): LookStep => ({
    ...each,
    accessoryIds: each.accessoryIds.filter((id) => there.has(id)),
    adjustments: each.adjustments.filter(({ piece }) => there.has(piece)),
  });
  return { ...look, steps: look.steps.map(step) };
}

async function whatWasSaid(
  tenant: Tenant,
  clientId: string,
): Promise<Pick<ClientFile, "overrulings" | "declined">> {
  const hers = { studio_id: tenant.studioId, client_id: clientId };
  const overrulings = await tenant("overrulings").where(hers).orderBy(["made_at", "id"]);
  const declined = await tenant("declined").where(hers).orderBy(["made_at", "id"]);
  return {
    overrulings: overrulings.map((row) => ({
      rule: row.rule,
      effect: row.effect,
      pieceIds: row.piece_ids,
      reason: row.reason,
      lookId: row.look_id,
      madeAt: row.made_at.toISOString(),
      withdrawnAt: isoOf(row.withdrawn_at),
    })),
    declined: declined.map((row) => ({
      pieceId: row.piece_id,
      reason: row.reason,
      madeAt: row.made_at.toISOString(),
      withdrawnAt: isoOf(row.withdrawn_at),
    })),
  };
}

async function filedLinks(tenant: Tenant, clientId: string): Promise<ClientFile["links"]> {
  const links = await listLinks(tenant, clientId);
  const madeFirst = [...links].reverse().sort((one, other) => one.madeAt.localeCompare(other.madeAt));
  return madeFirst.map(({ greeting, madeAt, expiresAt, openedAt, lookIds, replies }) => ({
    greeting,
    madeAt,
    expiresAt,
    openedAt,
    looks: lookIds.map((lookId) => {
      const reply = replies.find((each) => each.lookId === lookId);
      return { lookId, reply: reply ? { answer: reply.answer, words: reply.words, at: reply.at } : null };
    }),
  }));
}
