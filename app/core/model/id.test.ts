import { describe, expect, it } from "vitest";
import { ChildId, type IdOf, PlaceId, TrayId } from "./id";

const tray = TrayId.parse("rings-1");
const takesPlace = (place: PlaceId): string => place;
const takesText = (text: string): string => text;

// The compiler reads these: each line that it should refuse is a fault of the type check where it is accepted.
describe("ids have kinds", () => {
  it("a bare text is no id, and a tray's id is no place's", () => {
    // @ts-expect-error a text that nobody checked
    takesPlace("mat");
    // @ts-expect-error the id of another kind
    takesPlace(tray);
    // @ts-expect-error nor does a text in between make it one
    takesPlace(takesText(tray));
    // @ts-expect-error an id of a kind that is not known
    takesPlace(tray as IdOf<string>);
    expect(takesPlace(PlaceId.parse("mat"))).toBe("mat");
  });

  it("an id is still a text where one is wanted, and only what keeps the grammar becomes one", () => {
    expect(takesText(tray)).toBe("rings-1");
    for (const wrong of ["", "Mat", "a--b", "-a", "a b", "constructor"]) {
      expect(ChildId.safeParse(wrong).success, wrong).toBe(false);
    }
  });
});
