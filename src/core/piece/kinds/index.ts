import { bag } from "./bag";
import { belt } from "./belt";
import { bracelet } from "./bracelet";
import { brooch } from "./brooch";
import { coat } from "./coat";
import { dress } from "./dress";
import { earCuff } from "./ear-cuff";
import { earrings } from "./earrings";
import { eyewear } from "./eyewear";
import { gloves } from "./gloves";
import { hairPiece } from "./hair-piece";
import { hat } from "./hat";
import { hosiery } from "./hosiery";
import { jacket } from "./jacket";
import { jumpsuit } from "./jumpsuit";
import { necklace } from "./necklace";
import { pocketSquare } from "./pocket-square";
import { ring } from "./ring";
import { scarf } from "./scarf";
import { shoe } from "./shoe";
import { skirt } from "./skirt";
import { top } from "./top";
import { trousers } from "./trousers";
import { umbrella } from "./umbrella";
import { watch } from "./watch";

/** Every kind of piece the product knows, in the order in which lists of pieces sort. */
export const kinds = {
  trousers,
  skirt,
  dress,
  jumpsuit,
  top,
  jacket,
  coat,
  hat,
  "hair piece": hairPiece,
  eyewear,
  earrings,
  "ear cuff": earCuff,
  scarf,
  necklace,
  brooch,
  "pocket square": pocketSquare,
  bracelet,
  watch,
  ring,
  gloves,
  belt,
  bag,
  umbrella,
  hosiery,
  shoe,
} as const;

export type Kind = keyof typeof kinds;
export const kindNames = Object.keys(kinds) as Kind[];
