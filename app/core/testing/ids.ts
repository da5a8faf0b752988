import { Id, type IdOf } from "../model";

/** An id that a test makes up: it passes for one of any kind. */
export const anId = (text: string) => Id.parse(text) as IdOf<never>;
