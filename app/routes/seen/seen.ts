import { actionResult } from "../../ui/actionResult";
import type { ActionArgs } from "../input";
import { actOnSeen } from "./actions";

export const clientAction = async (args: ActionArgs) => actionResult(await actOnSeen(args));
