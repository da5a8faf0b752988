import "../workers/withoutEval";
import { expose } from "comlink";
import loadHighs from "highs";
import wasmUrl from "highs/runtime?url";
import { loadCatalogue } from "../catalogue";
import { plannerService } from "./plannerSession";

expose(plannerService(loadHighs({ locateFile: () => wasmUrl }), loadCatalogue));
