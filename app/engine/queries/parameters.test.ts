import { describe, expect, it } from "vitest";
import { z } from "zod";
import { AreaId } from "../../core/model";
import { AddressParameters, maybe, maybeText, several } from "./parameters";

const Parameters = z.object({ area: maybe(AreaId), words: maybeText, areas: several(AreaId) });

describe("parameters of a query", () => {
  it.each([
    [{}, { areas: [] }],
    [
      { area: "hands", words: "  fine  ", areas: "body" },
      { area: "hands", words: "fine", areas: ["body"] },
    ],
    [{ area: "feet", words: "   ", areas: ["body", "feet", "home"] }, { areas: ["body", "home"] }],
    [{ area: ["hands", "body"], words: ["a", "b"], areas: 7 }, { areas: [] }],
  ])("reads %j and takes what is odd for not said", (given, expected) => {
    expect(Parameters.parse(given)).toEqual(expected);
  });

  it("takes all of an address that stands there once", () => {
    expect(AddressParameters.parse({ kind: "wheel", tray: ["a", "b"], n: 3 })).toEqual({ kind: "wheel" });
  });
});
