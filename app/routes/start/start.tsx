import "virtual:antd.css";
import { Button } from "antd";
import { useDeferredValue } from "react";
import { href, useNavigate } from "react-router";
import { deviceDate, hasHousehold } from "../../engine/store/home";
import { useCommand } from "../../ui/command/useCommand";
import { LinkButton } from "../../ui/controls/LinkButton";
import { RestoreFile } from "../../ui/RestoreFile";
import { COLOURS } from "../../ui/theme/tokens";
import { titled } from "../../words/titles";
import { restoreFrom } from "../../workers/filesClient";
import type { Route } from "./+types/start";
import { SetUp } from "./SetUp";

export const meta = () => titled("Set up");

export async function clientLoader() {
  return { ours: await hasHousehold("ours"), today: deviceDate() };
}

function OpenOurs() {
  const openOurs = useCommand("start.openOurs");
  return (
    <section>
      <h2>Our own shelf</h2>
      <p>It is kept in this browser.</p>
      <Button type="primary" onClick={() => void openOurs.run({}, { goTo: href("/") })}>
        Open ours
      </Button>
    </section>
  );
}

/** On a new device: all of it from a file that another one saved. */
function BringBackup() {
  const navigate = useNavigate();
  return (
    <section>
      <h2>From another device</h2>
      <p>A backup file brings the children, the cupboard, the notes and their pictures along.</p>
      <RestoreFile restore={restoreFrom} onDone={() => void navigate(href("/"))} />
    </section>
  );
}

/** A board across the page, its words over those of the page. */
const HEAD = {
  padding: "clamp(2px, 1vw, 12px) max(24px, calc(50vw - 536px))",
  background: COLOURS.ash,
  borderBottom: `4px solid ${COLOURS["ash-mid"]}`,
};

export default function Start({ loaderData }: Route.ComponentProps) {
  // The form stands first and can be typed in; what else one may do here comes in a piece of work of its own.
  const stands = useDeferredValue(true, false);
  return (
    <>
      <header style={HEAD}>
        <h1 className="large flat">Orto</h1>
        <p>A shelf of things to do that fits the child, the house and your ten minutes.</p>
      </header>
      <main className="main wide" style={{ margin: "0 auto" }}>
        <div className="row at-top" style={{ gap: 32 }}>
          <div style={{ flex: "3 1 340px", minWidth: 0 }}>
            {loaderData.ours ? <OpenOurs /> : <SetUp today={loaderData.today} />}
          </div>
          <div style={{ flex: "1 1 280px" }}>
            <section>
              <h2>Look round the demo</h2>
              <p>
                A made-up family above a ferry quay: Tove, 19 months, and Pim, 7 months, with twelve weeks of
                notes.
              </p>
              <LinkButton to={href("/demo")}>Look round the demo</LinkButton>
            </section>
            {stands && !loaderData.ours && <BringBackup />}
            <p className="edge quiet">
              Orto is a home aid. It names no test passed and it never diagnoses. Local rules, product labels
              and your child's doctor come first.
            </p>
          </div>
        </div>
      </main>
    </>
  );
}

export { StorageFailed as ErrorBoundary } from "../StorageFailed";
