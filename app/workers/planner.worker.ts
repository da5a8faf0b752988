import { expose } from "comlink";
import loadHighs from "highs";
import wasmUrl from "highs/runtime?url";
import { loadCatalogue } from "../catalogue";
import { planService } from "./planService";

expose(planService(loadHighs({ locateFile: () => wasmUrl }), loadCatalogue));
