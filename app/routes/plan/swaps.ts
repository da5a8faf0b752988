import { PlainDate } from "../../core/model";
import { readHome } from "../../data/household";
import { withPlanner } from "../../workers/plannerClient";
import type { Route } from "./+types/swaps";

/** Ranked alternatives for one proposed tray: `?child=…&activity=…&from=…`. */
export async function clientLoader({ request }: Route.ClientLoaderArgs) {
  const search = new URL(request.url).searchParams;
  const from = PlainDate.safeParse(search.get("from"));
  const home = await readHome(request);
  if (!home || !from.success) return { swaps: [], failed: true };
  const out = { child: search.get("child") ?? "", activity: search.get("activity") ?? "" };
  try {
    return {
      swaps: await withPlanner((service) => service.swaps(home.tables, from.data, out)),
      failed: false,
    };
  } catch {
    return { swaps: [], failed: true };
  }
}
