import Joi from "joi";
import { families } from "../colour/family";
import { cloths } from "../finish/cloths";
import { metalNames } from "../finish/metals";
import { pieceStates } from "../studio/piece-record";
import {
  railOrders,
  seasons,
  shelves,
  studioKit,
  unwornSpans,
  type RailView,
  type RailWish,
} from "../studio/rail";
import { between, name, oneOf, uuid } from "./parts";

const any = (values: readonly string[]) => oneOf(values).allow(null).default(null);

export const railWishFields = {
  owner: Joi.alternatives(uuid, Joi.string().valid(studioKit)).allow(null).required().label("Owner"),
  shelf: oneOf(shelves).required().label("Kind"),
  words: Joi.string().allow("").max(120).required().label("Find"),
  order: oneOf(railOrders).required().label("Order"),
  falling: Joi.boolean().required().label("Order"),
  narrowed: Joi.object({
    family: any(families).label("Colour"),
    metal: any(metalNames).label("Metal"),
    level: between(1, 9).integer().allow(null).default(null).label("Level"),
    season: any(seasons).label("Season"),
    state: any(pieceStates).label("State"),
    cloth: any(cloths).label("Cloth"),
    unworn: any(unwornSpans).label("Not worn"),
  })
    .required()
    .label("Narrowed to"),
};

/** What is asked of the rail. */
export const railWish = Joi.object<RailWish>(railWishFields);

/** The ways a person has the rail narrowed, each under a name. */
export const railViews = Joi.object<{ readonly views: readonly RailView[] }>({
  views: Joi.array()
    .items(Joi.object({ name: name.max(40).required(), query: Joi.string().allow("").max(500).required() }))
    .unique("name")
    .max(30)
    .required()
    .label("Saved filters"),
});
