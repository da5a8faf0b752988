import { answered } from "../answered";
import type { ActionArgs } from "../input";
import { actOnSeen } from "./actions";

export const clientAction = (args: ActionArgs) => answered(actOnSeen(args));
