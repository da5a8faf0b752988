import { Button } from "antd";
import { useState } from "react";
import { href, Link } from "react-router";
import type { PrepareView } from "../../core/day";
import { standInChanges } from "../../core/materials";
import { amountText, kitchenText, type Units } from "../../core/units";
import { dayFrom, shortDay } from "../../words/dates";
import { shoppingText } from "../../words/prep";
import { changesText } from "../../words/standIns";
import { thingText } from "../../words/things";

const money = (cents: number) => (cents / 100).toFixed(2);

/** Sends the list where the device can, or else copies it; says which. */
async function send(text: string): Promise<string> {
  try {
    if (navigator.share) {
      await navigator.share({ text });
      return "Sent.";
    }
    await navigator.clipboard.writeText(text);
    return "Copied: paste it into a message.";
  } catch (error) {
    return error instanceof DOMException && error.name === "AbortError"
      ? ""
      : "This device can't send it. Print it instead.";
  }
}

/** What still has to be bought for the shelf, stand-ins crossed off first, with what is needed to mix what is mixed. */
export function ShoppingPart({ view, units }: { view: PrepareView; units: Units }) {
  const [said, say] = useState("");
  const { shopping, parts } = view;
  const isNothing = shopping.lines.length + parts.length === 0;
  if (isNothing && shopping.standIns.length === 0) return null;
  const text = shoppingText(
    shopping,
    parts,
    view.printed,
    `For the shelf from ${shortDay(view.rotation.from)}`,
    units,
  );
  return (
    <section aria-label="Shopping">
      <h2>Shopping</h2>
      <ul>
        {shopping.standIns.map(({ asked, instead, trays }) => (
          <li key={`${asked.id} ${instead.id}`}>
            <s>{asked.name}</s> {instead.name} serves
            <small>
              {changesText(standInChanges(asked, instead))} · for {trays.join(", ")}
            </small>
          </li>
        ))}
        {shopping.lines.map(({ material, get, have, packs, trays }) => (
          <li key={material.id}>
            {thingText(get, material, units)}
            <small>
              {packs &&
                `${packs.count} ${packs.count === 1 ? "pack" : "packs"}, about ${money(packs.cents)}; ${amountText(packs.leftOver, material.unit, units)} left over · `}
              {have > 0 && `${amountText(have, material.unit, units)} there already · `}for {trays.join(", ")}
              {view.printed.has(material.id) && (
                <>
                  {" "}
                  · or print it: <Link to={href("/workbench")}>Workbench</Link>
                </>
              )}
            </small>
          </li>
        ))}
        {parts.map((part) => (
          <li key={`${part.name} ${part.unit}`}>
            {kitchenText(part.quantity, part.unit, units)} {part.name}
            <small>
              {part.have === undefined
                ? "look whether it is there · "
                : part.have > 0 && `${kitchenText(part.have, part.unit, units)} there already · `}
              to mix {part.mixes.join(", ")}
            </small>
          </li>
        ))}
      </ul>
      {isNothing ? (
        <p className="quiet">Nothing to buy.</p>
      ) : (
        <p>
          <Button onClick={() => void send(text).then(say)}>Send the list</Button>{" "}
          <Button onClick={() => window.print()}>Print</Button> <span role="status">{said}</span>
        </p>
      )}
    </section>
  );
}

/** What the next shelves will find too little of, and when. */
export function Low({ view, units }: { view: PrepareView; units: Units }) {
  if (view.low.length === 0) return null;
  return (
    <section aria-label="Running low">
      <h2>Running low</h2>
      <ul>
        {view.low.map(({ holding, material, perRotation, on }) => (
          <li key={holding.id}>
            {material.name}: {amountText(holding.quantity, material.unit, units)} left, runs out on{" "}
            {dayFrom(on, view.rotation.from)}
            <small>each shelf like this takes {amountText(perRotation, material.unit, units)}</small>
          </li>
        ))}
      </ul>
    </section>
  );
}
