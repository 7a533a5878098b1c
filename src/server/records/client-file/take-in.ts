import { randomBytes } from "node:crypto";
import { v7 as uuid } from "uuid";
import type { Tables } from "knex/types/tables.js";
import type { ClientFile } from "@/core/formats/client-file/client-file";
import { once, renamed } from "@/core/formats/client-file/named";
import { ruleBookNow } from "@/core/formats/client-file/now";
import type { Tenant } from "../../db/tenant";
import { clientRow } from "../clients";
import { gapRow } from "../gaps";
import { stepRow } from "../look-steps";
import { adjustmentRows, lookRow } from "../looks";
import { occasionRow } from "../occasions";
import { kitThatIsHere } from "./kit-here";
import { insertAll } from "./rows";
import { pieceRowsOf } from "./take-in-pieces";

/** The photos of a file, by their SHA-256. */
export type Photos = ReadonlyMap<string, Buffer>;

type Rows = { readonly [table in keyof Tables]?: readonly object[] };

/**
 * Takes a client whole into the studio, everything under new ids; of the kit only what the studio does not have.
 * @param file checked: everything it names is in it, and every photo it names is among these
 * @returns her id
 */
export async function takeInClient(tenant: Tenant, file: ClientFile, photos: Photos): Promise<string> {
  const id = uuid();
  const here = await kitThatIsHere(tenant, file);
  const taken = renamed(
    file,
    once((kind, own) => (kind === "piece" ? here.get(own) : undefined) ?? uuid()),
  );
  const ofStudio = new Set(here.values());
  const news = taken.pieces.filter(({ piece }) => !ofStudio.has(piece.id));
  // What is named goes before what names it.
  const parts: readonly Rows[] = [
    clientRows(tenant, id, taken),
    pieceRowsOf(tenant, id, news, photos),
    groupRows(tenant, id, taken),
    lookRows(tenant, id, taken),
    saidRows(tenant, id, taken),
    linkRows(tenant, id, taken),
  ];
  for (const part of parts)
    for (const [table, rows] of Object.entries(part)) await insertAll(tenant, table as keyof Tables, rows);
  return id;
}

/** The list of pieces of something, in its order. */
function memberRows(key: Readonly<Record<string, string>>, pieceIds: readonly string[]) {
  return pieceIds.map((piece_id, position) => ({ ...key, piece_id, position }));
}

function clientRows({ studioId: studio_id }: Tenant, id: string, file: ClientFile): Rows {
  const ofClient = { studio_id, client_id: id };
  return {
    clients: [{ studio_id, id, ...clientRow({ ...file.client, ruleBook: ruleBookNow(file) }) }],
    measurements: file.measurements.map(({ name, cm, takenAt }) => ({
      ...ofClient,
      id: uuid(),
      name,
      cm,
      taken_at: takenAt,
    })),
    rule_book_versions: file.ruleBooks.map(({ book, madeAt }) => ({
      ...ofClient,
      version: book.version,
      rule_book: JSON.stringify(book),
      made_at: madeAt,
    })),
    gaps: file.gaps.map(({ putAwayAt, ...gap }) => ({
      studio_id,
      id: uuid(),
      ...gapRow({ ...gap, clientId: id }),
      deleted_at: putAwayAt,
    })),
  };
}

function groupRows({ studioId: studio_id }: Tenant, client_id: string, file: ClientFile): Rows {
  return {
    occasions: file.occasions.map(({ occasion, putAwayAt }) => ({
      studio_id,
      id: occasion.id,
      ...occasionRow({ clientId: client_id, occasion }),
      deleted_at: putAwayAt,
    })),
    bases: file.bases.map(({ id, name, putAwayAt }) => ({
      studio_id,
      id,
      client_id,
      name,
      deleted_at: putAwayAt,
    })),
    base_garments: file.bases.flatMap(({ id, pieceIds }) => memberRows({ studio_id, base_id: id }, pieceIds)),
    sets: file.sets.map(({ id, name, ways, retiredAt, putAwayAt }) => ({
      studio_id,
      id,
      client_id,
      name,
      ways: JSON.stringify(ways),
      retired_at: retiredAt,
      deleted_at: putAwayAt,
    })),
    set_accessories: file.sets.flatMap(({ id, pieceIds }) => memberRows({ studio_id, set_id: id }, pieceIds)),
    wears: file.sets.flatMap(({ id, worn }) =>
      worn.map(({ day, struckAt }) => ({
        studio_id,
        id: uuid(),
        client_id,
        set_id: id,
        worn_on: day,
        deleted_at: struckAt,
      })),
    ),
  };
}

function lookRows(tenant: Tenant, clientId: string, { looks }: ClientFile): Rows {
  const { studioId: studio_id } = tenant;
  return {
    looks: looks.map((look) => ({
      studio_id,
      id: look.id,
      ...lookRow({ ...look, clientId }),
      // No page has sent it: the first that does is told from every other.
      writer: uuid(),
      turn: 1,
      updated_at: look.keptAt,
      deleted_at: look.putAwayAt,
    })),
    look_accessories: looks.flatMap(({ id, accessoryIds }) =>
      memberRows({ studio_id, look_id: id }, accessoryIds),
    ),
    adjustments: looks.flatMap((look) => adjustmentRows(tenant, look)),
    look_steps: looks.flatMap(({ id, steps }) => steps.map((step) => stepRow(tenant, id, step))),
  };
}

function saidRows({ studioId: studio_id }: Tenant, client_id: string, file: ClientFile): Rows {
  return {
    overrulings: file.overrulings.map(({ lookId, pieceIds, madeAt, withdrawnAt, ...each }) => ({
      studio_id,
      id: uuid(),
      client_id,
      look_id: lookId,
      piece_ids: [...pieceIds],
      made_at: madeAt,
      withdrawn_at: withdrawnAt,
      ...each,
    })),
    declined: file.declined.map(({ pieceId, reason, madeAt, withdrawnAt }) => ({
      studio_id,
      id: uuid(),
      client_id,
      piece_id: pieceId,
      reason,
      made_at: madeAt,
      withdrawn_at: withdrawnAt,
    })),
  };
}

/** Links come with what was answered and open nothing: their addresses stayed where they were sent. */
function linkRows({ studioId: studio_id }: Tenant, client_id: string, file: ClientFile): Rows {
  const links = file.links.map((link) => ({ ...link, id: uuid() }));
  return {
    links: links.map(({ id, greeting, madeAt, expiresAt, openedAt }) => ({
      studio_id,
      id,
      client_id,
      // No token has this hash.
      token_hash: randomBytes(32).toString("hex"),
      greeting,
      created_at: madeAt,
      expires_at: expiresAt,
      opened_at: openedAt,
      ended_at: madeAt,
    })),
    link_looks: links.flatMap(({ id, looks }) =>
      looks.map(({ lookId, reply }, place) => ({
        studio_id,
        link_id: id,
        look_id: lookId,
        place,
        answer: reply?.answer ?? null,
        words: reply?.words ?? "",
        answered_at: reply?.at ?? null,
      })),
    ),
  };
}
