import { capacity } from "./bag/capacity";
import { lands } from "./bag/lands";
import { overArm } from "./bag/over-arm";
import { scratch } from "./bag/scratch";
import { transfer } from "./bag/transfer";
import { beltFit } from "./belt/fit";
import { beltNeed } from "./belt/need";
import { count } from "./colour/count";
import { denim } from "./colour/denim";
import { echo } from "./colour/echo";
import { face } from "./colour/face";
import { foot } from "./colour/foot";
import { hardContrast } from "./colour/hard-contrast";
import { join } from "./colour/join";
import { line } from "./colour/line";
import { nearBlack } from "./colour/near-black";
import { nearWhite } from "./colour/near-white";
import { print } from "./colour/print";
import { valueMatch } from "./colour/value-match";
import { bending } from "./comfort/bending";
import { limits } from "./comfort/limits";
import { wrist } from "./comfort/wrist";
import type { Rule } from "./define-rule";
import { embellishment } from "./finish/embellishment";
import { oneBold } from "./finish/one-bold";
import { texture } from "./finish/texture";
import { metal } from "./hardware/metal";
import { eyewear } from "./head/eyewear";
import { gloves } from "./head/gloves";
import { hat } from "./head/hat";
import { bootSock } from "./hosiery/boot-sock";
import { hosieryColour } from "./hosiery/colour";
import { cover } from "./hosiery/cover";
import { edge } from "./hosiery/edge";
import { ladder } from "./hosiery/ladder";
import { opacity } from "./hosiery/opacity";
import { openToe } from "./hosiery/open-toe";
import { shape } from "./hosiery/shape";
import { hosieryWarmth } from "./hosiery/warmth";
import { focal } from "./neck/focal";
import { neckLayers } from "./neck/layers";
import { neckLine } from "./neck/line";
import { neckScarf } from "./neck/scarf";
import { ankleLost } from "./proportion/ankle-lost";
import { calfHem } from "./proportion/calf-hem";
import { drag } from "./proportion/drag";
import { drape } from "./proportion/drape";
import { gap } from "./proportion/gap";
import { lowShoe } from "./proportion/low-shoe";
import { overlap } from "./proportion/overlap";
import { shaftUnread } from "./proportion/shaft-unread";
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
import { occasion } from "./register/occasion";
import { spread } from "./register/spread";
import { trainers } from "./register/trainers";
import { oneLead } from "./style/one-lead";
import { scale } from "./style/scale";
import { story } from "./style/story";

/** Every rule, in the order in which a reading lists their findings. */
export const registry: readonly Rule[] = [
  nearWhite,
  nearBlack,
  join,
  hardContrast,
  echo,
  count,
  foot,
  valueMatch,
  print,
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
  tuck,
  lowShoe,
  shaftUnread,
  calfHem,
  skirtBoot,
  trainerSole,
  skirtFloor,
  line,
  neckLine,
  neckLayers,
  neckScarf,
  focal,
  lands,
  overArm,
  capacity,
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
  ladder,
  hat,
  gloves,
  eyewear,
  bending,
  limits,
];

const byId = new Map(registry.map((rule) => [rule.id, rule]));

/** The rule of an id; undefined when there is none. */
export function ruleOf(id: string): Rule | undefined {
  return byId.get(id);
}
