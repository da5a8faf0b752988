import { z } from "zod";
import { switchKeys } from "../../engine/store/device";
import { type ActionArgs, inputOf } from "../input";

/** Single keys do something on this device from now on, or nothing. */
export async function clientAction({ request }: ActionArgs) {
  const read = await inputOf(request, z.object({ on: z.boolean() }));
  if (read.ok) await switchKeys(read.value.on);
  return null;
}
