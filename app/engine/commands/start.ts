import { z } from "zod";
import { fault, type Result, SiteId } from "../../core/model";
import { goToSite, showHousehold, switchKeys } from "../store/device";
import type { Home } from "../store/home";
import { command, done, homelessCommand } from "./command";
import { openDemo } from "./demo";
import { SetUpInput, setUpHousehold } from "./setUp";

/** This device is at another of the household's homes from now on. */
async function goToOneSite({ which, household }: Home, { site }: { site: SiteId }): Promise<Result<null>> {
  if (!household.sites.some((one) => one.id === site)) {
    return fault("unknown-id", "site", "That home is not there any more. Reload the page.");
  }
  return done(goToSite(which, site));
}

/** Sets up our own household, and shows it. */
async function setUp(form: SetUpInput): Promise<Result<null>> {
  const made = await setUpHousehold(form);
  return made.ok ? done(showHousehold("ours")) : made;
}

/** The household that this tab shows, and the choices that this device remembers. */
export const start = {
  setUp: homelessCommand(SetUpInput, setUp),
  openOurs: homelessCommand(z.object({}), () => done(showHousehold("ours"))),
  openFreshDemo: homelessCommand(z.object({}), () => done(openDemo(true))),
  setKeys: homelessCommand(z.object({ on: z.boolean() }), ({ on }) => done(switchKeys(on))),
  goToSite: command(z.object({ site: SiteId }), goToOneSite),
};
