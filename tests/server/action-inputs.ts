import { v7 as uuid } from "uuid";
import { polished } from "@/core/rule-book/rule-book";
import type { Outcome } from "@/core/schema/outcome";
import { notNarrowed } from "@/core/studio/rail";
import { scopeOf } from "@/core/studio/scope";
import { clientInput, gapFor, linkFor, occasionInput, sent, shoe, type furnishedStudio } from "./studios";

export type Action = (...inputs: unknown[]) => Promise<Outcome<unknown>>;

/** Every file of actions; what is exported from one is an action, reachable from outside. */
const files = import.meta.glob<Record<string, Action>>("../../src/server/actions/*.ts", { eager: true });
/** What actions are made of, and no action itself. */
const parts = ["act.ts", "changes-file.ts", "outcome-of.ts", "toggle-away.ts"];
/** What must work before anybody is signed in. */
const open = ["signIn", "createFirstStudio", "join", "askForReset", "setForgottenPassword", "answerLink"];

/** Every action that wants a session, by its name. */
export const actions = new Map(
  Object.entries(files)
    .filter(([path]) => !parts.some((part) => path.endsWith(part)))
    .flatMap(([, exported]) => Object.entries(exported))
    .filter(([name]) => !open.includes(name)),
);

/** The studio whose records are named, and the one that calls. */
export interface Called {
  readonly one: Awaited<ReturnType<typeof furnishedStudio>>;
  readonly two: string;
}

/** Well-formed input for every action that names what is studio one's: an action without an entry fails. */
export function inputsFor({ one, two }: Called): Readonly<Record<string, unknown[]>> {
  return {
    saveClient: [{ id: one.clientId, version: 1, ...clientInput }],
    moveClient: [{ id: one.clientId, away: true }],
    find: [{ words: "e" }],
    saveGap: [gapFor(one.clientId)],
    noteGap: [{ id: one.gapId, version: 1, note: "planted", budget: null }],
    moveGap: [{ id: one.gapId, away: true }],
    saveBase: [
      { id: one.baseId, version: 1, clientId: one.clientId, name: "Mine", pieceIds: [one.garmentId] },
    ],
    moveBase: [{ id: one.baseId, away: true }],
    saveSet: [{ id: one.setId, version: 1, clientId: one.clientId, name: "Mine", pieceIds: [one.pieceId] }],
    moveSet: [{ id: one.setId, away: true }],
    keepTriedHem: [{ pieceId: one.garmentId, hem: 2 }],
    overrule: [
      {
        id: uuid(),
        clientId: one.clientId,
        lookId: null,
        rule: "colour.echo",
        effect: "rubs",
        pieceIds: [one.pieceId],
        reason: "planted",
      },
    ],
    withdraw: [{ id: one.overrulingId }],
    declinePiece: [{ id: uuid(), clientId: one.clientId, pieceId: one.pieceId, reason: "planted" }],
    offerAgain: [{ id: one.declinedId }],
    changeClientBook: [
      { clientId: one.clientId, change: { kind: "weight", rule: "colour.echo", weight: 0 } },
    ],
    saveRuleBook: [one.clientId, polished],
    retireSet: [{ id: one.setId, away: true }],
    wearSet: [{ clientId: one.clientId, setId: one.setId, day: null }],
    unwearSet: [{ id: one.wearId }],
    saveTemplate: [{ name: "Two's own", from: 1, to: 2, forRain: false, wanted: ["shoe"], optional: [] }],
    moveTemplate: [{ id: one.templateId, away: true }],
    saveLook: [
      {
        ...sent({
          id: one.lookId,
          clientId: one.clientId,
          baseId: one.baseId,
          occasionId: null,
          name: "Mine",
          note: "",
          stepId: null,
          accessoryIds: [one.pieceId],
          adjustments: [],
          ownVerdict: null,
          read: null,
        }),
        madeBy: scopeOf({ studioId: two, userId: one.userId }),
      },
    ],
    createLink: [linkFor(one.clientId, one.lookId)],
    stopLink: [{ id: one.linkId }],
    erase: [{ id: one.clientId, typed: clientInput.name }],
    bringErasedBack: [{ id: one.erasureId }],
    stepsOfLook: [{ lookId: one.lookId }],
    moveLook: [{ id: one.lookId, away: true }],
    bringRecordBack: [{ kind: "piece", id: one.pieceId }],
    saveOccasion: [{ id: one.occasionId, version: 1, clientId: one.clientId, occasion: occasionInput }],
    moveOccasion: [{ id: one.occasionId, away: true }],
    savePiece: [{ id: one.pieceId, version: 1, clientId: one.clientId, state: "ready", piece: shoe }],
    pieceToChange: [{ id: one.pieceId }],
    movePiece: [{ id: one.pieceId, away: true }],
    lookAlongRail: [
      {
        owner: one.clientId,
        shelf: "all",
        words: "",
        order: "newest",
        falling: false,
        narrowed: notNarrowed,
        from: 0,
      },
    ],
    keepPieces: [
      {
        pieces: [
          { id: one.pieceId, clientId: one.clientId, state: "ready", backOn: null, needs: [], piece: shoe },
        ],
      },
    ],
    changePieces: [{ keys: [{ id: one.pieceId, version: 1 }], change: { state: "on loan" } }],
    putPiecesAway: [{ ids: [one.pieceId] }],
    railFile: [
      {
        owner: one.clientId,
        shelf: "all",
        words: "",
        order: "newest",
        falling: false,
        narrowed: notNarrowed,
      },
    ],
    piecesCalled: [{ names: ["shoe"] }],
    saveRailViews: [{ views: [{ name: "Navy", query: "family=navy" }] }],
    saveShortcuts: [{ single: true, keys: {} }],
    saveLengthUnit: [{ unit: "in" }],
    saveTimeZone: [{ zone: "Europe/Vienna" }],
    savePurgeTime: [{ days: 90 }],
    inviteMember: [{ email: "new@studio.example", role: "stylist" }],
    withdrawInvitation: [{ id: one.invitationId }],
    changeRole: [{ userId: one.colleagueId, role: "assistant" }],
    dismissMember: [{ userId: one.colleagueId }],
    signMemberOut: [{ userId: one.colleagueId }],
    endOwnSession: [{ id: one.sessionId }],
    endOtherSessions: [{}],
    changePassword: [{ password: "not it", next: "lantern-harbour-copper" }],
    proposeSecondStep: [{}],
    setUpSecondStep: [{ secret: "ABCDEFGHIJKLMNOPQRSTUVWXYZ234567", code: "123456", ownPassword: "not it" }],
    dropSecondStep: [{ ownPassword: "not it" }],
    switchStudio: [{ studioId: one.studioId }],
  };
}
