import { z } from "zod";
import { SiteId } from "../../core/model";
import { goToSite } from "../../engine/store/device";
import { homeOf } from "../homeContext";
import { type ActionArgs, inputOf } from "../input";

/** This device is at another of the household's homes from now on. */
export async function clientAction({ request, context }: ActionArgs) {
  const [home, read] = await Promise.all([homeOf(context), inputOf(request, z.object({ site: SiteId }))]);
  const { which, household } = home;
  if (read.ok && household.sites.some((one) => one.id === read.value.site)) {
    await goToSite(which, read.value.site);
  }
  return null;
}
