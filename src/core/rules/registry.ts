import { away } from "./care/away";
import { due } from "./care/due";
import { ladder } from "./care/ladder";
import { rest } from "./care/rest";
import { scratch } from "./care/scratch";
import { transfer } from "./care/transfer";
import { accent } from "./colour/accent";
import { count } from "./colour/count";
import { denim } from "./colour/denim";
import { echo } from "./colour/echo";
import { face } from "./colour/face";
import { foot } from "./colour/foot";
import { harmony } from "./colour/harmony";
import { hardContrast } from "./colour/hard-contrast";
import { join } from "./colour/join";
import { nearBlack } from "./colour/near-black";
import { nearWhite } from "./colour/near-white";
import { pocket } from "./colour/pocket";
import { scarfShows } from "./colour/scarf-shows";
import { print } from "./colour/print";
import { valueMatch } from "./colour/value-match";
import { bagCapacity } from "./comfort/bag-capacity";
import { beltFit } from "./comfort/belt-fit";
import { bending } from "./comfort/bending";
import { bootSock } from "./comfort/boot-sock";
import { eyewear } from "./comfort/eyewear";
import { company } from "./comfort/company";
import { compression } from "./comfort/compression";
import { heavyBag } from "./comfort/heavy-bag";
import { footTime } from "./comfort/foot-time";
import { ground } from "./comfort/ground";
import { hat } from "./comfort/hat";
import { limits } from "./comfort/limits";
import { scarfCare } from "./comfort/scarf-care";
import { scarfHold } from "./comfort/scarf-hold";
import { scarfReach } from "./comfort/scarf-reach";
import { warmth } from "./comfort/warmth";
import { wet } from "./comfort/wet";
import { overArm } from "./comfort/over-arm";
import type { Rule, RuleTag } from "./define-rule";
import { embellishment } from "./finish/embellishment";
import { metal } from "./finish/metal";
import { oneBold } from "./finish/one-bold";
import { texture } from "./finish/texture";
import { hosieryColour } from "./hosiery/colour";
import { cover } from "./hosiery/cover";
import { edge } from "./hosiery/edge";
import { opacity } from "./hosiery/opacity";
import { openToe } from "./hosiery/open-toe";
import { shape } from "./hosiery/shape";
import { hosieryWarmth } from "./hosiery/warmth";
import { ankleLost } from "./proportion/ankle-lost";
import { bootLegUnderSkirt } from "./proportion/boot-leg";
import { bagLands } from "./proportion/bag-lands";
import { beltNeed } from "./proportion/belt-need";
import { calfHem } from "./proportion/calf-hem";
import { colourLine } from "./proportion/colour-line";
import { drag } from "./proportion/drag";
import { drape } from "./proportion/drape";
import { gap } from "./proportion/gap";
import { gloves } from "./proportion/gloves";
import { lowShoe } from "./proportion/low-shoe";
import { neckLayers } from "./proportion/neck-layers";
import { neckLine } from "./proportion/neck-line";
import { overlap } from "./proportion/overlap";
import { shaftUnread } from "./proportion/shaft-unread";
import { shortJacket } from "./proportion/short-jacket";
import { skirtBoot } from "./proportion/skirt-boot";
import { skirtFloor } from "./proportion/skirt-floor";
import { snag } from "./proportion/snag";
import { toe } from "./proportion/toe";
import { touch } from "./proportion/touch";
import { trainerSole } from "./proportion/trainer-sole";
import { tuck } from "./proportion/tuck";
import { turnDepth } from "./proportion/turn-depth";
import { turnLoose } from "./proportion/turn-loose";
import { turnReverse } from "./proportion/turn-reverse";
import { turnStrain } from "./proportion/turn-strain";
import { wideSole } from "./proportion/wide-sole";
import { occasion } from "./register/occasion";
import { spread } from "./register/spread";
import { trainers } from "./register/trainers";
import { focal } from "./style/focal";
import { neckScarf } from "./style/neck-scarf";
import { scarfNeckline } from "./style/scarf-neckline";
import { scarfCloth } from "./style/scarf-cloth";
import { oneLead } from "./style/one-lead";
import { scale } from "./style/scale";
import { story } from "./style/story";
import { wrist } from "./style/wrist";

/** Every rule, in the order in which a reading lists their findings. */
export const registry: readonly Rule[] = [
  nearWhite,
  nearBlack,
  join,
  hardContrast,
  echo,
  accent,
  count,
  harmony,
  foot,
  valueMatch,
  print,
  pocket,
  scarfShows,
  face,
  denim,
  oneBold,
  embellishment,
  texture,
  metal,
  oneLead,
  story,
  scale,
  occasion,
  spread,
  trainers,
  gap,
  snag,
  touch,
  overlap,
  ankleLost,
  drape,
  turnStrain,
  turnDepth,
  turnLoose,
  turnReverse,
  drag,
  toe,
  wideSole,
  tuck,
  lowShoe,
  shaftUnread,
  calfHem,
  skirtBoot,
  bootLegUnderSkirt,
  trainerSole,
  skirtFloor,
  colourLine,
  neckLine,
  neckLayers,
  shortJacket,
  neckScarf,
  scarfNeckline,
  scarfCloth,
  focal,
  bagLands,
  overArm,
  bagCapacity,
  transfer,
  scratch,
  beltFit,
  beltNeed,
  wrist,
  openToe,
  edge,
  bootSock,
  opacity,
  hosieryColour,
  cover,
  shape,
  hosieryWarmth,
  away,
  due,
  rest,
  ladder,
  hat,
  wet,
  ground,
  footTime,
  company,
  compression,
  heavyBag,
  warmth,
  scarfHold,
  scarfReach,
  scarfCare,
  gloves,
  eyewear,
  bending,
  limits,
];

const byId = new Map<string, Rule>(registry.map((rule) => [rule.id, rule]));

/** The rule of an id; undefined when there is none. */
export function ruleOf(id: string): Rule | undefined {
  return byId.get(id);
}

/** What is amiss by a rule, in a few words; the id itself for a rule that is not known. */
export function faultOf(id: string): string {
  return ruleOf(id)?.fault ?? id;
}

/** The rules of a tag, in the order of the registry. */
export function rulesTagged(tag: RuleTag): readonly Rule[] {
  return registry.filter(({ tags }) => tags.includes(tag));
}
