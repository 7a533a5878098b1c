import "server-only";
import pino from "pino";

/** What an operator should know, one JSON line each on standard error; never what a client or a piece is. */
export const log = pino({ base: null }, pino.destination(2));
