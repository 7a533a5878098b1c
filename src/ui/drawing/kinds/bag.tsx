import { CarriedBag } from "../figure/worn/bag";
import { BagPlate, bagReach } from "../plates/bag-plate";
import type { KindDrawing } from "./kind-drawing";

export const bag: KindDrawing<"bag"> = {
  plate: ({ piece, scope, size }) => <BagPlate bag={piece} scope={scope} size={size} />,
  box: ({ figures: { width, height, strap } }) => ({
    width: width + 5,
    height: height + bagReach(strap) + 5,
  }),
  asWorn: ({ worn: { asWorn, extent }, frame, scope }) => (
    <CarriedBag bag={asWorn} top={extent.to} frame={frame} scope={scope} />
  ),
  onArms: true,
  caption: ({ carry, strap }, say) => [carry, strap > 0 ? `strap ${say(strap)}` : ""],
};
