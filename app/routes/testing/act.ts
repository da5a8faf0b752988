import { RouterContextProvider } from "react-router";
import { withHome } from "../homeContext";
import type { ActionArgs } from "../input";

/** A page's JSON sent to a path, as a route's action gets it, after the middleware has read the household. */
export async function sent(path: string, input: unknown): Promise<ActionArgs> {
  const request = new Request(`http://orto.test${path}`, { method: "POST", body: JSON.stringify(input) });
  const context = new RouterContextProvider();
  await withHome(
    { request, context, params: {}, pattern: path, url: new URL(request.url) },
    async () => ({}),
  );
  return { request, context };
}

/** What an action answers; where it redirects, the address. */
export async function outcome<T>(action: (args: ActionArgs) => Promise<T>, args: Promise<ActionArgs>) {
  try {
    return await action(await args);
  } catch (thrown) {
    if (thrown instanceof Response) return thrown.headers.get("Location");
    throw thrown;
  }
}
