import "virtual:antd.css";
import { Alert } from "antd";
import { useEffect, useState } from "react";
import { href, Link, Outlet, useRevalidator } from "react-router";
import { onForeignChange } from "../../engine/store/changes";
import type { Which } from "../../engine/store/device";
import { isLookRound } from "../../engine/store/storage";
import { onPageFault, type PageFault } from "../../ui/command/pageFaults";
import { askFor } from "../askFor";
import type { Route } from "./+types/base";

/** Every screen that shows a household starts from one reading of it. */

export const clientLoader = ({ request }: Route.ClientLoaderArgs) => askFor(request, "whichHousehold");

/** A tab keeps to its household: nothing that happens within the screens changes it, so no navigation waits for it. */
export const shouldRevalidate = () => false;

/** What another tab changes is shown here as well. */
function useSharedTruth(which: Which) {
  const { revalidate } = useRevalidator();
  useEffect(() => onForeignChange(which, () => void revalidate()), [which, revalidate]);
}

/** Why the last change was not made, where no part of the screen says so; gone once one is made again, or once it was read. */
function FaultStrip() {
  const [fault, setFault] = useState<PageFault>();
  useEffect(() => onPageFault(setFault), []);
  return fault === undefined ? null : (
    <Alert
      banner
      style={{ position: "sticky", top: 0, zIndex: 6 }}
      type="error"
      role="alert"
      title={fault.message}
      closable={{ onClose: () => setFault(undefined) }}
      action={fault.isNotKept && <Link to={`${href("/household")}?part=data`}>To the backup</Link>}
    />
  );
}

export default function Base({ loaderData }: Route.ComponentProps) {
  useSharedTruth(loaderData.which);
  return (
    <>
      <FaultStrip />
      {isLookRound() && (
        <p className="notice quiet">
          This is a look round: nothing is kept, and all of it is gone with the page.
        </p>
      )}
      <Outlet />
    </>
  );
}

export { StorageFailed as ErrorBoundary } from "../StorageFailed";
