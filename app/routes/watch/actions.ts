import { href, redirect } from "react-router";
import type { Issue } from "../../core/model";
import { changeWatch, WatchInput } from "../../engine/commands/watches";
import { homeOf } from "../homeContext";
import { type ActionArgs, inputOf } from "../input";

/** Does one change of the Watch screen; every tap is stored at once. */
export async function actOnWatch({ request, context }: ActionArgs): Promise<{ issues: Issue[] }> {
  const [home, read] = await Promise.all([homeOf(context), inputOf(request, WatchInput)]);
  if (!read.ok) return { issues: read.issues };
  const input = read.value;
  const done = await changeWatch(home, input);
  if (!done.ok) return { issues: done.issues };
  if (input.intent === "drop") throw redirect(`${href("/")}?tray=${input.tray}`);
  if (input.intent === "done") {
    const others = new URL(request.url).searchParams.getAll("tray").filter((id) => id !== input.tray);
    if (others.length > 0) throw redirect(`${href("/watch")}?${others.map((id) => `tray=${id}`).join("&")}`);
    throw redirect(`${href("/")}?tray=${input.tray}&note=${done.value}`);
  }
  return { issues: [] };
}
