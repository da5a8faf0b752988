import { expect, go, LONG, openDemo, openScreen, rotations, row, test } from "./support";

test(
  "what is not there is mixed from what is: planned, told, and its parts counted down",
  LONG,
  async ({ page }) => {
    await openDemo(page);
    await go(page, "/activities/dough");
    await expect(page.getByText("have it: fridge, used up")).toBeVisible();

    const find = async (thing: string) => {
      await openScreen(page, "Cupboard");
      await page.getByLabel("Find a thing").fill(thing);
      return row(page, new RegExp(`^${thing}|${thing}`)).first();
    };
    await (await find("salt-free play dough")).getByRole("checkbox").uncheck();
    await go(page, "/activities/dough");
    await expect(page.getByText("missing; to mix it there is too little cornflour")).toBeVisible();
    await (await find("cornflour")).getByRole("checkbox").check();
    await go(page, "/activities/dough");
    await expect(
      page.getByText(/^to be mixed from flour, cornflour, water.*: about 15 min, used up$/),
    ).toBeVisible();

    await page.getByRole("button", { name: "Put on the plan" }).click();
    await expect(page.getByText(/It goes on the next plan/)).toBeVisible();
    await openScreen(page, "Plan");
    await rotations(page, 1);
    await page.getByRole("button", { name: /A lump of dough/ }).click();
    await expect(page.getByText("200 g salt-free play dough, home-made (to be mixed)")).toBeVisible();
    await page.getByRole("link", { name: "Close" }).click();
    await page.getByRole("button", { name: "Accept" }).click();
    await expect(page.getByText(/Accepted: the next shelf stands from/)).toBeVisible();

    await openScreen(page, "Prepare");
    await expect(page.getByText(/100 g flour, 8 g cornflour, 100 ml water/)).toBeVisible();
    await page.getByRole("button", { name: "All is prepared" }).click();
    await expect(page.getByText(/what it used up is counted down/)).toBeVisible();
    await expect((await find("cornflour")).getByRole("spinbutton")).toHaveValue("392");
    await openScreen(page, "Prepare");
    await page.getByRole("button", { name: "Undo" }).click();
    await expect(page.getByRole("button", { name: "All is prepared" })).toBeVisible();
    await expect((await find("cornflour")).getByRole("spinbutton")).toHaveValue("400");
  },
);
