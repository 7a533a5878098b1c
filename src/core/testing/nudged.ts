import { dress } from "../dressing/dress";
import type { Dressed } from "../dressing/dressed";
import { adjust, optionsAmong, type Adjustment } from "../piece/adjustment";
import { adjustmentKinds } from "../piece/adjustments";
import { measurementNames } from "../body/measurements";
import { undertones, type Client } from "../piece/client";
import type { Look } from "../piece/look";
import { dressCodeFlags, grounds, lights, type Occasion } from "../piece/occasion";
import { careNeeds, type Upkeep } from "../piece/on-record";
import type { Piece } from "../piece/piece";
import { schoolQuestions, type SchoolName, type Schools } from "../rule-book/schools";
import type { Rule } from "../rules/define-rule";
import { nudgedPieces } from "./nudged-piece";
import { sampleOccasion } from "./sample";

/**
 * A look, and the same with one thing of it otherwise, each in turn: a piece left off or a little different, worn another
 * way, other measurements, another occasion, and the rule's own figures moved, among them to just what was measured.
 */
export function* nudged(look: Look, rule: Rule): Generator<Dressed> {
  yield dress(look);
  for (const other of otherPieces(look)) yield dress(other);
  for (const adjustments of otherWays(look)) yield dress({ ...look, adjustments });
  for (const client of otherClients(look.client, rule)) yield dress({ ...look, client });
  for (const client of otherBooks(look, rule)) yield dress({ ...look, client });
  for (const occasion of otherOccasions(look.occasion)) yield dress({ ...look, occasion });
  for (const onRecord of otherRecords(look)) yield dress({ ...look, onRecord });
}

function* otherPieces(look: Look): Generator<Look> {
  for (const part of ["garments", "accessories"] as const) {
    const pieces = look[part];
    for (const [at, piece] of pieces.entries()) {
      yield { ...look, [part]: pieces.filter((other) => other !== piece) };
      for (const other of nudgedPieces(piece)) yield { ...look, [part]: pieces.with(at, other) };
    }
  }
}

function* otherWays({ garments, accessories, adjustments }: Look): Generator<readonly Adjustment[]> {
  for (const way of adjustments) yield adjustments.filter((other) => other !== way);
  const pieces: readonly Piece[] = [...garments, ...accessories];
  for (const piece of pieces)
    for (const kind of adjustmentKinds)
      for (const way of optionsAmong(kind, piece, pieces).slice(0, 8)) yield adjust(adjustments, way);
}

function* otherClients(client: Client, rule: Rule): Generator<Client> {
  const { measured, limits, goals, colouring, ruleBook } = client;
  for (const name of measurementNames) {
    const value = measured[name];
    if (value === undefined) continue;
    for (const factor of [0.9, 1.1]) yield { ...client, measured: { ...measured, [name]: value * factor } };
    if (name !== "height") {
      const { [name]: _missing, height: tall, ...rest } = measured;
      yield { ...client, measured: { height: tall, ...rest } };
    }
  }
  yield { ...client, seated: !client.seated };
  for (const undertone of [...undertones, null]) yield { ...client, colouring: { ...colouring, undertone } };
  for (const skin of ["#f3d9c4", "#8a5a35", "#3d2618", null])
    yield { ...client, colouring: { ...colouring, skin } };
  for (const name of ["noLeather", "coveredShoulders", "coveredAnkles", "nickelAllergy"] as const)
    yield { ...client, limits: { ...limits, [name]: !limits[name] } };
  for (const name of ["clipEarrings", "nothingLoose"] as const)
    yield { ...client, limits: { ...limits, [name]: !limits[name] } };
  for (const heel of [null, 2, 5]) yield { ...client, limits: { ...limits, heel } };
  for (const hemAboveKnee of [null, -10, 0]) yield { ...client, limits: { ...limits, hemAboveKnee } };
  yield { ...client, limits: { ...limits, neverColours: ["grey", "black", "brown"] } };
  for (const name of ["longerLegLine", "moreWaist"] as const)
    yield { ...client, goals: { ...goals, [name]: !goals[name] } };
  for (const bagLands of ["waist", "thigh", null] as const)
    yield { ...client, goals: { ...goals, bagLands } };
  for (const name of rule.schools)
    for (const answer of Object.keys(schoolQuestions[name].choices))
      yield { ...client, ruleBook: { ...ruleBook, schools: answered(ruleBook.schools, name, answer) } };
}

function answered(schools: Schools, name: SchoolName, answer: string): Schools {
  return { ...schools, [name]: answer };
}

/** The rule's figures moved: some way, and to what was measured of the look, so that it stands just at the limit. */
function* otherBooks(look: Look, rule: Rule): Generator<Client> {
  const { client } = look;
  const { ruleBook } = client;
  const measured = rule.read(dress(look)).flatMap(({ figures }) => Object.values(figures));
  const values = new Set(measured.map(({ value }) => value));
  for (const [name, { value }] of Object.entries(rule.params))
    for (const moved of new Set([0, value * 0.5, value * 0.9, value * 1.1, value * 2, ...values])) {
      const own = { ...ruleBook.params[rule.id], [name]: moved };
      yield { ...client, ruleBook: { ...ruleBook, params: { ...ruleBook.params, [rule.id]: own } } };
    }
}

function* otherOccasions(now: Occasion | null): Generator<Occasion | null> {
  if (now) yield null;
  const occasion = now ?? sampleOccasion;
  for (const flag of dressCodeFlags) yield { ...occasion, flags: [flag] };
  for (const ground of grounds) yield { ...occasion, ground };
  for (const light of lights) yield { ...occasion, light };
  for (const temperature of [-8, 0, 7, 8, 12, 18, 24, 33]) yield { ...occasion, temperature };
  for (const rain of [0, 0.3, 0.5, 0.9]) yield { ...occasion, rain };
  for (const wind of [0, 8, 14]) yield { ...occasion, wind };
  for (const onFoot of [0, 20, 60, 240]) yield { ...occasion, onFoot };
  for (const low of [1, 3, 5, 7]) yield { ...occasion, span: { low, high: low + 2 } };
  yield { ...occasion, mustCarry: ["phone", "keys", "umbrella"] };
  yield { ...occasion, company: "The board" };
}

/** Other days of what is on record, where anything is. */
function* otherRecords({ onRecord, garments, accessories }: Look): Generator<NonNullable<Look["onRecord"]>> {
  if (!onRecord) return;
  yield { ...onRecord, shown: [] };
  for (const { id } of [...garments, ...accessories]) {
    const known: Upkeep = onRecord.upkeep[id] ?? { away: null, back: null, needs: [], lastWorn: null };
    const others: readonly Partial<Upkeep>[] = [
      ...(["in care", "on loan", null] as const).map((away) => ({ away })),
      ...["2026-05-10", "2026-05-11", "2026-05-12", "2026-05-13", null].flatMap((day) => [
        { back: day },
        { lastWorn: day },
      ]),
      ...careNeeds.map((need) => ({ needs: [need] })),
    ];
    for (const other of others)
      yield { ...onRecord, upkeep: { ...onRecord.upkeep, [id]: { ...known, ...other } } };
  }
}
