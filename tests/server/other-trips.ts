import fc from "fast-check";
import { readsAlike } from "@/core/rule-book/rule-book";
import { ruleBook } from "@/core/schema/client";
import { declinedForm } from "@/core/schema/forms/declined-form";
import { overrulingForm } from "@/core/schema/forms/overruling-form";
import { railViews } from "@/core/schema/rail-wish";
import { purgeForm, shortcutsForm, unitForm } from "@/core/schema/forms/settings-form";
import { wearForm } from "@/core/schema/forms/wear-form";
import { declinePiece } from "@/server/actions/declined";
import { overrule, saveRuleBook } from "@/server/actions/judgement";
import { wearSet } from "@/server/actions/library";
import { saveRailViews } from "@/server/actions/rail";
import { saveShortcuts } from "@/server/actions/shortcuts";
import { saveLengthUnit, savePurgeTime } from "@/server/actions/studio";
import { shortcutsOf } from "@/server/records/member-keys";
import { declinedFor } from "@/server/records/declined";
import { overrulingsFor } from "@/server/records/overrulings";
import { railViewsOf } from "@/server/records/rail-views";
import { studioRuleBook } from "@/server/records/rule-books";
import { purgeTime, thisStudio } from "@/server/records/studio";
import { createLink } from "@/server/actions/links";
import { linkForm } from "@/core/schema/forms/link-form";
import { listLinks } from "@/server/records/links";
import { lastWorn } from "@/server/records/wears";
import { calendarDay } from "../support/drawn-parts";
import { id, inside, ofHers, studio, trip, worn, type Trip } from "./trip";

type OtherKind =
  | "link"
  | "wear"
  | "overruling"
  | "declined"
  | "rule book"
  | "keys"
  | "saved filters"
  | "purge time"
  | "settings";

/** What is kept beside the records that can be put away. */
export const otherTrips: Readonly<Record<OtherKind, Trip<unknown>>> = {
  wear: trip({
    form: wearForm,
    drawn: () => ({ ...ofHers, setId: fc.constant(studio.setId), day: calendarDay }),
    send: wearSet,
    shown: async (tenant, { day: sent }) => {
      const last = (await lastWorn(tenant, studio.clientId))[studio.setId] ?? "";
      return sent !== null && last >= sent;
    },
    kept: () => true,
  }),
  link: trip({
    form: linkForm,
    drawn: () => ({
      ...ofHers,
      lookIds: fc.constant([studio.lookId]),
      recipient: fc.constantFrom("", "imke@client.example"),
    }),
    send: createLink,
    shown: async (tenant) => {
      const [link] = await listLinks(tenant, studio.clientId);
      if (!link) return null;
      const { clientId, lookIds, greeting, letter, madeAt, expiresAt } = link;
      const days = Math.round((Date.parse(expiresAt) - Date.parse(madeAt)) / 86_400_000);
      return { clientId, lookIds, greeting, recipient: letter?.recipient, days };
    },
  }),
  overruling: trip({
    form: overrulingForm,
    drawn: () => ({
      id,
      ...ofHers,
      lookId: fc.constantFrom(studio.lookId, null),
      pieceIds: worn(),
    }),
    send: overrule,
    shown: async (tenant, { id: own }) =>
      (await overrulingsFor(tenant, studio.clientId)).find((overruling) => overruling.id === own),
    kept: ({ clientId: _clientId, ...overruling }) => overruling,
  }),
  declined: trip({
    form: declinedForm,
    drawn: () => ({ id, ...ofHers, pieceId: fc.constant(studio.pieceId) }),
    send: declinePiece,
    shown: async (tenant, { id: own }) =>
      (await declinedFor(tenant, studio.clientId)).find((declined) => declined.id === own),
    kept: ({ clientId: _clientId, ...declined }) => declined,
  }),
  "rule book": trip({
    form: ruleBook,
    drawn: () => ({}),
    send: async (book) => {
      const { version } = await inside(studioRuleBook);
      return saveRuleBook(null, { ...book, version });
    },
    shown: async (tenant, sent) => readsAlike(await studioRuleBook(tenant), sent),
    kept: () => true,
  }),
  keys: trip({
    form: shortcutsForm,
    drawn: () => ({}),
    send: saveShortcuts,
    shown: (tenant) => shortcutsOf(tenant, studio.userId),
  }),
  "saved filters": trip({
    form: railViews,
    drawn: () => ({}),
    send: saveRailViews,
    shown: async (tenant) => ({ views: await railViewsOf(tenant, studio.userId) }),
  }),
  "purge time": trip({
    form: purgeForm,
    drawn: () => ({}),
    send: savePurgeTime,
    shown: async (tenant) => ({ days: await purgeTime(tenant) }),
  }),
  settings: trip({
    form: unitForm,
    drawn: () => ({}),
    send: saveLengthUnit,
    shown: async (tenant) => ({ unit: (await thisStudio(tenant)).lengthUnit }),
  }),
};
