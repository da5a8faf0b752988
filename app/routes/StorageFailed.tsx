import { Button } from "antd";
import { useState } from "react";
import { href, useNavigate, useRouteError } from "react-router";
import { lookRound, StorageError } from "../engine/store/storage";
import { InlineButton } from "../ui/controls/buttons";
import { Failed } from "../ui/Failed";

/** In place of a screen where the browser keeps nothing; any other error as it is told elsewhere. */
export function StorageFailed() {
  const error = useRouteError();
  const navigate = useNavigate();
  const [isBusy, setBusy] = useState(false);
  if (!(error instanceof StorageError)) return <Failed />;
  const look = async () => {
    setBusy(true);
    await lookRound();
    await navigate(href("/demo"));
  };
  return (
    <main className="lone-page">
      <h1>
        {error.kind === "denied"
          ? "This browser keeps nothing for Orto"
          : "The browser’s storage does not answer"}
      </h1>
      {error.kind === "denied" ? (
        <p>
          It says no to storage for this page: in a private window, or because its settings forbid it. Open
          Orto in an ordinary window, or allow storage for this address, and reload the page.
        </p>
      ) : (
        <p>
          What was noted before is not lost by that. Close other tabs of Orto and try again; if that does not
          help, close the whole browser and open it again.
        </p>
      )}
      <p>
        <Button type="primary" onClick={() => window.location.reload()}>
          Try again
        </Button>{" "}
        <InlineButton type="button" disabled={isBusy} onClick={() => void look()}>
          Look round the demo, with nothing kept
        </InlineButton>
      </p>
    </main>
  );
}
