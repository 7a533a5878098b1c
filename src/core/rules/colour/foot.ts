import { isSkinTone } from "../../colour/family";
import { shadeOf } from "../../colour/shade";
import type { Dressed, Worn } from "../../dressing/dressed";
import type { Tint } from "../../dressing/profile";
import { finishes } from "../../finish/finishes";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast, atMost } from "../figures";
import type { Judgement } from "../finding";

interface Limits {
  readonly dark: number;
  readonly near: number;
  readonly heavy: number;
  readonly pale: number;
  readonly light: number;
  readonly allDark: number;
  readonly trace: number;
}

export const foot = defineRule({
  id: "colour.foot",
  lens: "colour",
  weight: 1,
  title: "The depth of the foot",
  why: "The shoe is the full stop of the outfit: a dark near the face wants a dark below, pale clothes want a light foot, and a light shoe under darks wants company.",
  params: {
    dark: param(35, "L*", "under this a garment or a swatch is dark"),
    near: param(20, "L*", "how near in depth the shoe comes to a dark"),
    heavy: param(30, "L*", "under this a shoe is heavy for pale clothes"),
    pale: param(60, "L*", "from this mean depth on clothes are pale"),
    light: param(70, "L*", "from this on a shoe is light"),
    allDark: param(40, "L*", "under this every garment is dark"),
    trace: param(0.05, "share", "share of a dark among the garments that counts"),
  },
  read(dressed, limits) {
    const { shoe, garments } = dressed;
    const ground = shoe?.profile.ground;
    if (!shoe || !ground || garments.length === 0) return [];
    return (
      onAllDark(dressed, shoe, ground, garments, limits) ??
      underDark(dressed, shoe, ground, garments, limits) ??
      underPale(dressed, shoe, ground, garments, limits) ??
      []
    );
  },
});

/** A light shoe under nothing but darks. */
function onAllDark(
  { palette }: Dressed,
  shoe: Worn,
  ground: Tint,
  garments: readonly Worn[],
  { allDark, light }: Limits,
): Judgement[] | null {
  const shared = {
    names: { shoe: shoe.piece.name },
    pieces: [shoe.piece.id],
    figures: { depth: atMost("depth of the shoe", ground.shade.L, "L*", light) },
  };
  const isAllDark = garments.every(({ profile }) => profile.tints.every(({ shade }) => shade.L < allDark));
  if (!isAllDark || ground.shade.L < light) return null;
  const others = palette.reduce((sum, { item, tint }) => {
    if (tint.shade.L < light || (item === shoe && tint === ground)) return sum;
    return sum + (tint.role === "sole" ? 0.5 : 1);
  }, 0);
  if (others >= 1) return [];
  return [
    {
      effect: "rubs",
      say: "{shoe}, at {depth} the only light of an all-dark look: give it another, in a bag, a sock or a scarf.",
      proposals: (["bag", "hosiery", "neck", "shoe"] as const).map((slot) => ({ kind: "wear", slot })),
      ...shared,
    },
  ];
}

/** A dark near the face. */
function underDark(
  dressed: Dressed,
  shoe: Worn,
  ground: Tint,
  garments: readonly Worn[],
  { dark, near, pale }: Limits,
): Judgement[] | null {
  const face = nearestTheFace(garments);
  const depth = face?.profile.character?.depth;
  if (!face || depth === undefined || depth >= dark) return null;
  if (reads(dressed, shoe, ground)) return [];
  const away = Math.min(
    ...dressed.palette
      .filter(({ item, tint }) => item !== shoe && tint.shade.L < dark)
      .map(({ tint }) => Math.abs(tint.shade.L - ground.shade.L)),
  );
  if (!Number.isFinite(away)) return null;
  const shared = {
    names: { shoe: shoe.piece.name, face: face.piece.name },
    figures: { away: atMost("shoe from the nearest dark", away, "L*", near) },
    pieces: [shoe.piece.id, face.piece.id],
  };
  if (away > near)
    return [
      {
        effect: "rubs",
        say: "{face} is dark at the face, and {shoe}, {away} from any dark, leaves it without a foot.",
        proposals: [{ kind: "wear", slot: "shoe" }],
        ...shared,
      },
    ];
  const lightBetween = garments.some(
    ({ place, profile }) => place === "bottom" && (profile.character?.depth ?? 0) >= pale,
  );
  if (!lightBetween) return [];
  return [
    {
      effect: "lifts",
      say: "The dark of {face} is carried over the light to the foot by {shoe} ({away}).",
      ...shared,
    },
  ];
}

/** Pale or clear clothes without a dark. */
function underPale(
  dressed: Dressed,
  shoe: Worn,
  ground: Tint,
  garments: readonly Worn[],
  { dark, heavy, pale, trace }: Limits,
): Judgement[] | null {
  const characters = garments.flatMap(({ profile }) => profile.character ?? []);
  const light = characters.every(({ depth, clarity }) => depth >= pale || clarity > 0.65);
  const hasDark = dressed.palette.some(
    ({ item, tint, area }) => garments.includes(item) && tint.shade.L < dark && area >= trace,
  );
  if (!light || hasDark) return null;
  const shared = {
    names: { shoe: shoe.piece.name },
    figures: { depth: atLeast("depth of the shoe", ground.shade.L, "L*", heavy) },
    pieces: [shoe.piece.id],
  };
  if (ground.shade.L < heavy)
    return [
      {
        effect: "rubs",
        say: "Nothing in these clothes is dark, and {shoe} at {depth} weighs them down.",
        proposals: [{ kind: "wear", slot: "shoe" }],
        ...shared,
      },
    ];
  if (!reads(dressed, shoe, ground) && ground.family !== "ivory" && ground.family !== "tan") return null;
  return [{ effect: "lifts", say: "Pale clothes, and {shoe} keeps the foot light.", ...shared }];
}

/** Skin-tone and metallic shoes are right over anything. */
function reads({ look }: Dressed, shoe: Worn, ground: Tint): boolean {
  return (
    (finishes[shoe.piece.finish].kin === "shine" && shoe.piece.finish === "metallic") ||
    isSkinTone(ground.shade, shadeOf(look.client.colouring.skin))
  );
}

/** The garment nearest the face: what covers the others at the neck. */
function nearestTheFace(garments: readonly Worn[]): Worn | null {
  const uppers = garments.filter(({ place }) => place !== "bottom");
  return (
    uppers.find(({ place }) => place === "top" || place === "whole") ?? uppers[uppers.length - 1] ?? null
  );
}
