/** Rows of what is worn and judged: clients, pieces, sets, looks and what is said of them. */

import type { MeasurementName } from "@/core/body/measurements";
import type { Adjustment } from "@/core/piece/adjustment";
import type { Client } from "@/core/piece/client";
import type { Kind } from "@/core/piece/kinds";
import type { Occasion } from "@/core/piece/occasion";
import type { Piece } from "@/core/piece/piece";
import type { Swatch } from "@/core/piece/swatch";
import type { LengthUnit } from "@/core/length/length";
import type { Effect } from "@/core/rules/finding";
import type { Verdict } from "@/core/reading/verdict";
import type { RuleBook } from "@/core/rule-book/rule-book";
import type { GapFacts } from "@/core/search/gap-spec";
import type { SetTemplate } from "@/core/sets/template";
import type { PieceRecord } from "@/core/studio/piece-record";

/** A row of a studio's table, named within the studio by its id. */
export interface OfStudio {
  studio_id: string;
  id: string;
  created_at: Date;
}

interface Versioned {
  version: number;
  updated_at: Date;
}

interface KeepsDeleted {
  deleted_at: Date | null;
}

export interface StudioRow {
  id: string;
  name: string;
  length_unit: LengthUnit;
  /** As the zone database names it, such as "Europe/Vienna". */
  time_zone: string;
  rule_book: Partial<RuleBook> | null;
  /** Null: what was put away is never purged. */
  purge_after_days: number | null;
}

export interface ClientRow extends OfStudio, Versioned, KeepsDeleted {
  name: string;
  skin: string | null;
  hair: string | null;
  hair_form: Client["colouring"]["hairForm"];
  eyes: string | null;
  undertone: Client["colouring"]["undertone"];
  heel_limit: number | null;
  no_leather: boolean;
  covered_shoulders: boolean;
  covered_ankles: boolean;
  nickel_allergy: boolean;
  clip_earrings: boolean;
  nothing_loose: boolean;
  hem_above_knee: number | null;
  never_colours: Client["limits"]["neverColours"];
  longer_leg_line: boolean;
  more_waist: boolean;
  bag_lands: Client["goals"]["bagLands"];
  seated: boolean;
  rule_book: Partial<RuleBook>;
  notes: string;
}

export interface MeasurementRow extends OfStudio {
  client_id: string;
  name: MeasurementName;
  cm: number | null;
  taken_at: Date;
}

export interface PieceRow extends OfStudio, Versioned, KeepsDeleted {
  client_id: string | null;
  kind: Kind;
  name: string;
  finish: Piece["finish"];
  second_finish: Piece["secondFinish"];
  cloth: Piece["cloth"];
  pattern: Piece["pattern"];
  pattern_scale: number;
  metal: Piece["metal"];
  metal_size: Piece["metalSize"];
  poles: Piece["poles"];
  statement: Piece["statement"];
  register_low: number | null;
  register_centre: number | null;
  register_high: number | null;
  figures: object;
  /** Measures that came with what it was called. */
  assumed: string[];
  /** What it is found by on the rail. */
  words: string;
  families: string[];
  state: PieceRecord["state"];
  back_on: string | null;
  needs: PieceRecord["needs"];
}

export interface SwatchRow extends Swatch {
  studio_id: string;
  piece_id: string;
  position: number;
}

/** A base or a set: a name over a list of pieces. */
export interface GroupRow extends OfStudio, Versioned, KeepsDeleted {
  client_id: string;
  name: string;
  retired_at: Date | null;
}

export interface SetRow extends GroupRow {
  ways: object;
}

export interface MemberRow {
  studio_id: string;
  position: number;
  piece_id: string;
}

export interface OccasionRow extends OfStudio, Versioned, KeepsDeleted {
  client_id: string;
  name: string;
  place: string;
  /** yyyy-mm-dd */
  day: string;
  level_low: number;
  level_high: number;
  flags: Occasion["flags"];
  weather: Occasion["weather"];
  temperature: number;
  rain: number;
  wind: number;
  ground: Occasion["ground"];
  light: Occasion["light"];
  must_carry: Occasion["mustCarry"];
  on_foot: number;
  company: string;
}

export interface LookRow extends OfStudio, Versioned, KeepsDeleted {
  client_id: string;
  base_id: string;
  occasion_id: string | null;
  name: string;
  note: string;
  step_id: string | null;
  own_verdict: Verdict | null;
  read_verdict: Verdict | null;
  read_score: number | null;
  rule_book_version: number | null;
  /** The page it was last kept from, and that page's count of what it sent. */
  writer: string | null;
  turn: number;
}

export interface AdjustmentRow {
  studio_id: string;
  look_id: string;
  position: number;
  piece_id: string;
  kind: Adjustment["kind"];
  settings: Readonly<Record<string, number | string>>;
}

export interface LookStepRow extends OfStudio {
  look_id: string;
  /** The step it was made from. */
  after: string | null;
  taken_at: Date;
  accessory_ids: readonly string[];
  adjustments: readonly Adjustment[];
  own_verdict: Verdict | null;
}

export interface RuleBookVersionRow {
  studio_id: string;
  client_id: string;
  version: number;
  rule_book: Partial<RuleBook>;
  made_at: Date;
}

export interface OverrulingRow {
  studio_id: string;
  id: string;
  client_id: string;
  look_id: string | null;
  rule: string;
  effect: Effect;
  piece_ids: readonly string[];
  reason: string;
  made_at: Date;
  withdrawn_at: Date | null;
}

export interface DeclinedRow {
  studio_id: string;
  id: string;
  client_id: string;
  piece_id: string;
  reason: string;
  made_at: Date;
  withdrawn_at: Date | null;
}

export interface WearRow extends OfStudio, KeepsDeleted {
  client_id: string;
  set_id: string;
  /** yyyy-mm-dd */
  worn_on: string;
}

export interface TemplateRow extends OfStudio, Versioned, KeepsDeleted {
  name: string;
  level_from: number;
  level_to: number;
  for_rain: boolean;
  wanted: SetTemplate["wanted"];
  optional: SetTemplate["optional"];
}

export interface GapRow extends OfStudio, Versioned, KeepsDeleted, GapFacts {
  client_id: string;
  opens: readonly string[];
  note: string;
  /** numeric comes as text, so that no cent is lost on the way. */
  budget: string | null;
}

/** The photo of a piece. */
export interface PhotoRow extends OfStudio {
  piece_id: string;
  /** Names this very picture: another one has another. */
  stamp: string;
  picture: Buffer;
}
