import { loadCatalogue } from "../../catalogue";
import { restoreBackup } from "../store/backup";
import { database } from "../store/db";
import { showHousehold } from "../store/device";

/** Opens the demo, filled afresh where it is empty or `fresh` is wanted. Our own household stays untouched. */
export async function openDemo(fresh = false): Promise<void> {
  const db = database("demo");
  const rows = await db.rows("household").count();
  if (rows === 0 || fresh) {
    const [{ demoBackup }, catalogue] = await Promise.all([import("../../demo"), loadCatalogue()]);
    const restored = await restoreBackup(demoBackup(catalogue), db);
    if (!restored.ok) throw new Error(restored.issues[0]?.message);
  }
  await showHousehold("demo");
}
