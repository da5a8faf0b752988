import { Id } from "../../core/model";
import { goToSite } from "../../data/household";

/** This device is at another of the household's homes from now on. */
export async function clientAction({ request }: { request: Request }) {
  const site = Id.safeParse((await request.formData()).get("site"));
  if (site.success) goToSite(site.data);
  return null;
}
