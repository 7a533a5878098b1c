import type { Knex } from "knex";
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
import type { ClientCounts } from "@/core/studio/client-whole";
import type { LinkAnswer } from "@/core/studio/link-record";
import type { Role } from "@/core/studio/roles";
import type { RailView } from "@/core/studio/rail";
import type { Shortcuts } from "@/core/studio/shortcuts";
import type { PieceRecord } from "@/core/studio/piece-record";

/** A row of a studio's table, named within the studio by its id. */
interface OfStudio {
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
  skin: string;
  hair: string;
  hair_form: Client["colouring"]["hairForm"];
  eyes: string;
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

interface MeasurementRow extends OfStudio {
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

interface SwatchRow extends Swatch {
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

interface MemberRow {
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

interface RuleBookVersionRow {
  studio_id: string;
  client_id: string;
  version: number;
  rule_book: Partial<RuleBook>;
  made_at: Date;
}

interface OverrulingRow {
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

interface DeclinedRow {
  studio_id: string;
  id: string;
  client_id: string;
  piece_id: string;
  reason: string;
  made_at: Date;
  withdrawn_at: Date | null;
}

interface WearRow extends OfStudio, KeepsDeleted {
  client_id: string;
  set_id: string;
  /** yyyy-mm-dd */
  worn_on: string;
}

interface TemplateRow extends OfStudio, Versioned, KeepsDeleted {
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

interface SessionRow extends OfStudio {
  user_id: string;
  device: string;
  used_at: Date;
  ended_at: Date | null;
}

interface MembershipRow {
  studio_id: string;
  user_id: string;
  role: Role;
}

interface InvitationRow extends OfStudio {
  email: string;
  role: Role;
  token_hash: string;
  made_by: string;
  expires_at: Date;
  ended_at: Date | null;
}

interface LetterRow extends OfStudio {
  recipient: string;
  subject: string;
  body: string;
}

interface ChangeRow extends OfStudio {
  made_at: Date;
  user_id: string | null;
  record: string;
  name: string;
  deed: string;
  fields: readonly string[];
}

/** The photo of a piece. */
interface PhotoRow extends OfStudio {
  piece_id: string;
  /** Names this very picture: another one has another. */
  stamp: string;
  picture: Buffer;
}

/** What a person has the rail narrowed to, under names of her own. */
interface RailViewsRow extends OfStudio {
  user_id: string;
  views: readonly RailView[];
}

interface MemberKeysRow extends Shortcuts {
  studio_id: string;
  user_id: string;
}

/** What is written of a row: lists and objects of a jsonb column go as their text, numbers as they are. */
type Written<Row, Texts extends keyof Row = never, Numbers extends keyof Row = never> = Partial<
  { [K in Exclude<keyof Row, Texts | Numbers>]: Row[K] | Knex.Raw } & Record<Texts, string> &
    Record<Numbers, number | null>
>;

type Table<Row, Texts extends keyof Row = never, Numbers extends keyof Row = never> = Knex.CompositeTableType<
  Row,
  Written<Row, Texts, Numbers>,
  Written<Row, Texts, Numbers>
>;

interface LinkRow extends OfStudio {
  client_id: string;
  token_hash: string;
  greeting: string;
  expires_at: Date;
  opened_at: Date | null;
  ended_at: Date | null;
}

interface LinkLookRow {
  studio_id: string;
  link_id: string;
  look_id: string;
  place: number;
  answer: LinkAnswer | null;
  words: string;
  answered_at: Date | null;
}

interface OutboxRow {
  studio_id: string;
  link_id: string;
  recipient: string;
  subject: string;
  body: string;
  path: string;
}

interface ErasureRow extends OfStudio {
  name: string;
  made_at: Date;
  made_by: string | null;
  until: Date;
  gone_at: Date | null;
  undone_at: Date | null;
  counts: ClientCounts;
  sealed: object | null;
}

interface ErasedPhotoRow {
  studio_id: string;
  erasure_id: string;
  piece_id: string;
  stamp: string;
  picture: Buffer;
}

declare module "knex/types/tables.js" {
  /** Every table the application asks, with what its rows hold. */
  interface Tables {
    studios: Table<StudioRow, "rule_book">;
    clients: Table<ClientRow, "rule_book">;
    measurements: Table<MeasurementRow>;
    pieces: Table<PieceRow, "figures">;
    swatches: Table<SwatchRow>;
    bases: Table<GroupRow>;
    base_garments: Table<MemberRow & { base_id: string }>;
    sets: Table<SetRow, "ways">;
    set_accessories: Table<MemberRow & { set_id: string }>;
    occasions: Table<OccasionRow>;
    looks: Table<LookRow>;
    look_accessories: Table<MemberRow & { look_id: string }>;
    adjustments: Table<AdjustmentRow, "settings">;
    look_steps: Table<LookStepRow, "adjustments">;
    rule_book_versions: Table<RuleBookVersionRow, "rule_book">;
    overrulings: Table<OverrulingRow>;
    declined: Table<DeclinedRow>;
    wears: Table<WearRow>;
    set_templates: Table<TemplateRow>;
    gaps: Table<GapRow, never, "budget">;
    member_keys: Table<MemberKeysRow, "keys">;
    rail_views: Table<RailViewsRow, "views">;
    photos: Table<PhotoRow>;
    links: Table<LinkRow>;
    link_looks: Table<LinkLookRow>;
    outbox: Table<OutboxRow>;
    erasures: Table<ErasureRow, "counts">;
    erased_photos: Table<ErasedPhotoRow>;
    sessions: Table<SessionRow>;
    memberships: Table<MembershipRow>;
    invitations: Table<InvitationRow>;
    letters: Table<LetterRow>;
    changes: Table<ChangeRow>;
  }
}
