import { expose } from "comlink";
import loadHighs from "highs";
import wasmUrl from "highs/runtime?url";
import { CATALOGUE } from "../catalogue";
import { planService } from "./planService";

expose(planService(loadHighs({ locateFile: () => wasmUrl }), CATALOGUE));
