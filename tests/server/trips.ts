import fc, { type Arbitrary } from "fast-check";
import { expect } from "vitest";
import { clientForm } from "@/core/schema/forms/client-form";
import { gapForm } from "@/core/schema/forms/gap-form";
import { tie as tieSettings } from "@/core/schema/adjustment";
import type { Ways } from "@/core/studio/group-record";
import { groupForm } from "@/core/schema/forms/group-form";
import { lookForm } from "@/core/schema/forms/look-form";
import { occasionForm } from "@/core/schema/forms/occasion-form";
import { pieceForm } from "@/core/schema/forms/piece-form";
import { template } from "@/core/schema/template";
import { pieceInput } from "@/core/studio/piece-record";
import type { putAwayKinds } from "@/core/studio/put-away";
import { scopeOf } from "@/core/studio/scope";
import { saveClient } from "@/server/actions/clients";
import { saveGap } from "@/server/actions/gaps";
import { saveBase, saveSet } from "@/server/actions/groups";
import { saveTemplate } from "@/server/actions/library";
import { saveLook } from "@/server/actions/looks";
import { saveOccasion } from "@/server/actions/occasions";
import { savePiece } from "@/server/actions/pieces";
import { bases } from "@/server/records/bases";
import { findClient } from "@/server/records/clients";
import { listGaps } from "@/server/records/gaps";
import { listSteps } from "@/server/records/look-steps";
import { findLook } from "@/server/records/looks";
import { findOccasion } from "@/server/records/occasions";
import { findPiece } from "@/server/records/pieces";
import { sets } from "@/server/records/sets";
import { listTemplates } from "@/server/records/templates";
import {
  adjustmentsOf,
  calendarDay,
  clothPicture,
  measured,
  moments,
  rising,
  swatches,
} from "../support/drawn-parts";
import { fromSchema } from "../support/from-schema";
import { coloured, fresh, id, nothing, ofHers, studio, trip, wardrobe, worn, type Trip } from "./trip";

const group = (
  pieces: () => Arbitrary<string[]>,
  save: typeof saveBase,
  records: typeof bases,
  ways: () => Arbitrary<Ways>,
) =>
  trip({
    form: groupForm,
    drawn: () => ({ ...fresh, ...ofHers, pieceIds: pieces(), ways: ways() }),
    send: save,
    shown: (tenant, _, answer) => records.find(tenant, String(answer)),
    // How a piece is worn that is not in the set is not kept.
    kept: ({ id: _id, version: _version, ...sent }) => ({
      ...sent,
      ways: (sent.ways ?? []).filter(({ piece }) => sent.pieceIds.includes(piece)),
      id: expect.any(String),
      version: 1,
    }),
  });

/** No tie, or the scarf of the wardrobe tied in any way. */
const tiesOfScarf = (): Arbitrary<Ways> =>
  fc.array(fromSchema<Ways[number]>(tieSettings, { piece: fc.constant(wardrobe.accessories[2] ?? "") }), {
    maxLength: 1,
  });
/** The same, and the bag and the shoes worn otherwise than as made. */
const waysOfSet = (): Arbitrary<Ways> =>
  fc
    .tuple(
      tiesOfScarf(),
      fc.subarray<Ways[number]>([
        { kind: "other-side", piece: wardrobe.accessories[0] ?? "" },
        { kind: "strap", piece: wardrobe.accessories[0] ?? "", carry: "waist", way: "wound three times" },
        { kind: "insole", piece: wardrobe.shoe },
      ]),
    )
    .map(([ties, others]) => [...ties, ...others]);

/** Each kind of record that can be put away. */
export const trips: Readonly<Record<(typeof putAwayKinds)[number], Trip<unknown>>> = {
  client: trip({
    form: clientForm,
    drawn: () => ({ ...fresh, measured }),
    send: saveClient,
    shown: async (tenant, _, answer) => {
      const record = await findClient(tenant, String(answer));
      return record && { ...record.client, notes: record.notes, version: record.version };
    },
    // A new client's book begins at version 1, whatever came with it.
    kept: ({ ruleBook: book, ...sent }) => ({
      ...sent,
      id: expect.any(String),
      version: 1,
      ruleBook: { ...book, version: 1 },
    }),
  }),
  piece: trip({
    form: pieceForm,
    drawn: () => ({
      ...fresh,
      swatches,
      picture: fc.option(clothPicture),
      photo: fc.constant(null),
      clientId: fc.constantFrom(studio.clientId, null),
      register: fc.option(rising.map(([low, centre, high]) => ({ low, centre, high }))),
    }),
    send: savePiece,
    shown: async (tenant, _, answer) => {
      const record = await findPiece(tenant, String(answer));
      return record && pieceInput(record);
    },
    // That its photo goes is what was sent, not what is shown.
    kept: ({ photo: _photo, ...sent }) => ({ ...coloured(sent), id: expect.any(String), version: 1 }),
  }),
  base: group(
    () => fc.subarray(wardrobe.garments.slice(1)).map((more) => [wardrobe.garments[0] ?? "", ...more]),
    saveBase,
    bases,
    () => fc.constant([]),
  ),
  set: group(
    () => fc.subarray(wardrobe.accessories, { minLength: 2 }).map((more) => [...more, wardrobe.shoe]),
    saveSet,
    sets as unknown as typeof bases,
    waysOfSet,
  ),
  occasion: trip({
    form: occasionForm,
    drawn: () => ({
      ...fresh,
      ...ofHers,
      day: calendarDay,
      span: rising.map(([low, , high]) => ({ low, high })),
    }),
    send: saveOccasion,
    shown: async (tenant, _, answer) => {
      const record = await findOccasion(tenant, String(answer));
      if (!record) return null;
      const { id: _id, ...occasion } = record.occasion;
      return { clientId: record.clientId, occasion };
    },
    kept: ({ clientId, occasion }) => ({ clientId, occasion }),
  }),
  look: trip({
    form: lookForm,
    drawn: () => ({
      id,
      writer: id,
      ...ofHers,
      madeBy: fc.constant(scopeOf(studio)),
      baseId: fc.constant(studio.baseId),
      occasionId: fc.constantFrom(studio.occasionId, null),
      stepId: fc.option(id),
      after: fc.option(id),
      at: moments,
      accessoryIds: worn(),
      adjustments: adjustmentsOf(wardrobe.garments[0] ?? ""),
    }),
    send: saveLook,
    shown: async (tenant, { id: lookId }) => {
      const look = await findLook(tenant, lookId);
      return look && { look, steps: new Set(await listSteps(tenant, lookId)) };
    },
    kept: ({ newSteps, writer: _writer, turn: _turn, unheard: _unheard, madeBy: _madeBy, ...look }) => ({
      look: { ...look, version: 1 },
      steps: new Set(newSteps),
    }),
  }),
  "missing piece": trip({
    form: gapForm,
    drawn: () => ({ ...ofHers, colour: fc.constantFrom("navy", "burgundy", "#123456"), size: nothing }),
    send: saveGap,
    shown: async (tenant, _, answer) => {
      const gaps = await listGaps(tenant, studio.clientId);
      return gaps.find((gap) => gap.id === answer);
    },
    kept: (sent) => ({ ...sent, id: expect.any(String), version: 1 }),
  }),
  template: trip({
    form: template,
    drawn: () => ({}),
    send: saveTemplate,
    shown: async (tenant, _, answer) =>
      (await listTemplates(tenant)).find((record) => record.id === answer)?.template,
  }),
};
