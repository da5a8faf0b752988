import { orto as answered } from "../verbs/orto";

/** As it stands on standard input. */
export const textOf = (input: unknown) => (typeof input === "string" ? input : JSON.stringify(input));

/** A verb with its input, answered in this process. */
export async function orto(args: string[], input: unknown = "") {
  const { code, out, err } = await answered(args, () => textOf(input));
  const text = typeof out === "string" ? out : Buffer.from(out).toString("latin1");
  return { code, out: text, err: err.trim(), json: () => JSON.parse(text) };
}

/** The demo household as a backup file. */
export const demo = (await orto(["demo"])).out;
