import fc, { type Arbitrary } from "fast-check";
import type { ClientFile } from "@/core/formats/client-file/client-file";
import { renamed } from "@/core/formats/client-file/named";
import { parseClientFile } from "@/core/formats/client-file/read";
import { clientFileSchema } from "@/core/formats/client-file/schema";
import { inOneGo } from "@/core/formats/in-parts";
import { FormatError } from "@/core/formats/format-error";
import type { Adjustment } from "@/core/piece/adjustment";
import { careNeeds } from "@/core/piece/on-record";
import { pieceSchema } from "@/core/schema/piece";
import { gapFields } from "@/core/schema/gap";
import Joi from "joi";
import { validate } from "@/core/schema/validate";
import { adjustmentsOf, calendarDay, clothPicture, measured, moments, rising, swatches } from "./drawn-parts";
import { fromSchema, type Drawn } from "./from-schema";

/** A name that stands for a record of the file: which one is settled when the whole of it is drawn. */
const some = fc.nat(20).map(String);
const nothing = fc.constant(null);

const ofPiece = {
  swatches,
  picture: fc.option(clothPicture),
  register: fc.option(rising.map(([low, centre, high]) => ({ low, centre, high }))),
};

/** Some of a schema's values that the schema takes: of those that must agree in much, few do, so they are drawn once. */
function sound<T>(schema: Joi.Schema<T>, drawn: Drawn): Arbitrary<T> {
  const taken = fromSchema(schema, drawn).filter((value) => validate(schema, value).ok);
  return fc.constantFrom(...fc.sample(taken, { numRuns: 40, seed: 1801 }));
}

const pieces = fc.array(
  fc.record({
    piece: sound<{ id: string }>(pieceSchema({ id: Joi.string().required() }), { ...ofPiece, id: some }),
    ofKit: fc.boolean(),
    state: fc.constantFrom("ready", "in care", "on loan"),
    backOn: nothing,
    needs: fc.subarray([...careNeeds]),
    photo: nothing,
    putAwayAt: fc.option(moments),
  }),
  { minLength: 2, maxLength: 5 },
);

const gaps = fc.array(
  sound(Joi.object({ ...gapFields, putAwayAt: Joi.string().allow(null).required() }), {
    colour: fc.constantFrom("navy", "burgundy", "#123456"),
    size: nothing,
    putAwayAt: fc.option(moments),
  }),
  { maxLength: 3 },
);

/** When each of them was, the earliest first. */
const measurements = fc
  .tuple(fc.array(measured, { minLength: 1, maxLength: 3 }), moments)
  .map(([all, from]) =>
    all.flatMap((each, i) =>
      Object.entries(each).map(([name, cm]) => ({
        name,
        cm,
        takenAt: new Date(Date.parse(from) + i * 86_400_000).toISOString(),
      })),
    ),
  );

const momentNames = ["putAwayAt", "retiredAt", "struckAt", "withdrawnAt", "openedAt"] as const;
const certainMoments = ["madeAt", "keptAt", "takenAt", "at", "expiresAt"] as const;

const drawn = fromSchema(clientFileSchema, {
  ...Object.fromEntries(momentNames.map((name) => [name, fc.option(moments)])),
  ...Object.fromEntries(certainMoments.map((name) => [name, moments])),
  pieces,
  gaps,
  measurements,
  id: some,
  baseId: some,
  occasionId: fc.option(some),
  lookId: some,
  stepId: fc.option(some),
  after: fc.option(some),
  pieceId: some,
  pieceIds: fc.uniqueArray(some, { maxLength: 3 }),
  accessoryIds: fc.uniqueArray(some, { maxLength: 3 }),
  adjustments: adjustmentsOf("0"),
  ways: adjustmentsOf("0"),
  day: calendarDay,
  span: rising.map(([low, , high]) => ({ low, high })),
  // Which figures a rule has is no matter of this file.
  params: fc.constantFrom({}, { "proportion.gap": { singsTo: 6 } }),
  rule: fc.constantFrom("colour.echo", "proportion.gap"),
});

/** Whole files of clients, of every kind of record that there is, with everything they name in them. */
export const clientFiles: Arbitrary<ClientFile> = drawn
  .map(settled)
  .map(parsed)
  .filter((file) => file !== null);

function parsed(file: ClientFile): ClientFile | null {
  try {
    return kitAsNamed(inOneGo(parseClientFile(JSON.stringify(file))));
  } catch (error) {
    if (error instanceof FormatError) return null;
    throw error;
  }
}

/** Of the kit a client's file has what something of hers names; what nothing names is hers. */
function kitAsNamed(file: ClientFile): ClientFile {
  const named = new Set<string>();
  renamed(file, (kind, id, where) => {
    if (kind === "piece" && !where.startsWith("pieces.")) named.add(id);
    return id;
  });
  const pieces = file.pieces.map((each) => ({ ...each, ofKit: each.ofKit && named.has(each.piece.id) }));
  return { ...file, pieces };
}

function inOrder<T>(list: readonly T[], at: (each: T) => string): T[] {
  return [...list].sort((one, other) => (at(one) < at(other) ? -1 : Number(at(one) > at(other))));
}

/** Every list numbered, and every name led to something that is there. */
function settled(file: ClientFile): ClientFile {
  const number = <T extends { readonly id: string }>(list: readonly T[]) =>
    list.map((each, i) => ({ ...each, id: String(i) }));
  const within = (list: readonly unknown[]) => (id: string) => String(Number(id) % list.length);
  const perhaps = (list: readonly unknown[], id: string | null) =>
    id === null || list.length === 0 ? null : within(list)(id);
  const piece = within(file.pieces);
  const several = (ids: readonly string[]) => [...new Set(ids.map(piece))];
  const adjusted = (list: readonly Adjustment[]) =>
    list.map((each) => ({ ...each, piece: piece(each.piece) }));
  const looks = file.bases.length === 0 ? [] : file.looks;
  return {
    ...file,
    ruleBooks: file.ruleBooks.map(({ book, madeAt }, i) => ({ book: { ...book, version: i + 1 }, madeAt })),
    pieces: file.pieces.map((each, i) => ({ ...each, piece: { ...each.piece, id: String(i) } })),
    occasions: file.occasions.map((each, i) => ({
      ...each,
      occasion: { ...each.occasion, id: String(i) },
    })),
    bases: number(file.bases).map((base) => ({ ...base, pieceIds: several(base.pieceIds) })),
    sets: number(file.sets).map((set) => ({
      ...set,
      pieceIds: several(set.pieceIds),
      ways: adjusted(set.ways),
    })),
    looks: number(looks).map((look) => ({
      ...look,
      baseId: within(file.bases)(look.baseId),
      occasionId: perhaps(file.occasions, look.occasionId),
      stepId: perhaps(look.steps, look.stepId),
      accessoryIds: several(look.accessoryIds),
      adjustments: adjusted(look.adjustments),
      steps: number(inOrder(look.steps, ({ at }) => at)).map((step) => ({
        ...step,
        after: perhaps(look.steps, step.after),
        accessoryIds: several(step.accessoryIds),
        adjustments: adjusted(step.adjustments),
      })),
    })),
    overrulings: inOrder(file.overrulings, ({ madeAt }) => madeAt).map((each) => ({
      ...each,
      pieceIds: several(each.pieceIds),
      lookId: perhaps(looks, each.lookId),
    })),
    declined: inOrder(file.declined, ({ madeAt }) => madeAt).map((each) => ({
      ...each,
      pieceId: piece(each.pieceId),
    })),
    links: inOrder(file.links, ({ madeAt }) => madeAt).map((link) => ({
      ...link,
      looks: link.looks
        .map((each) => ({ ...each, lookId: within(looks)(each.lookId) }))
        .filter(
          ({ lookId }, i, all) => looks.length > 0 && all.findIndex((each) => each.lookId === lookId) === i,
        ),
    })),
  };
}
