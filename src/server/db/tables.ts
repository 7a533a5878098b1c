import type { Knex } from "knex";
import type {
  SessionRow,
  MembershipRow,
  InvitationRow,
  LetterRow,
  ChangeRow,
  RailViewsRow,
  MemberKeysRow,
  LinkRow,
  LinkLookRow,
  OutboxRow,
  ErasureRow,
  ErasedPhotoRow,
} from "./house-rows";
import type {
  StudioRow,
  ClientRow,
  MeasurementRow,
  PieceRow,
  SwatchRow,
  GroupRow,
  SetRow,
  MemberRow,
  OccasionRow,
  LookRow,
  AdjustmentRow,
  LookStepRow,
  RuleBookVersionRow,
  OverrulingRow,
  DeclinedRow,
  WearRow,
  TemplateRow,
  GapRow,
  PhotoRow,
} from "./work-rows";

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
