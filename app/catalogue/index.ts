import { PACK_FORMAT, Pack } from "../core/model";
import { BABY_MAT } from "./activities/babyMat";
import { BODY_WORLD_TOGETHER } from "./activities/bodyWorldTogether";
import { IN_AND_OUT } from "./activities/inAndOut";
import { MAKING } from "./activities/making";
import { STACK_AND_FIT } from "./activities/stackAndFit";
import { THREAD_AND_PEG } from "./activities/threadAndPeg";
import { TRANSFER_AND_POUR } from "./activities/transferAndPour";
import { WORDS_AND_NUMBERS } from "./activities/wordsAndNumbers";
import { AREAS } from "./areas";
import { MATERIALS } from "./materials";
import { SKILLS } from "./skills";

/** The built-in pack, checked by its schema when it is loaded. */
export const CATALOGUE: Pack = Pack.parse({
  format: PACK_FORMAT,
  version: 1,
  areas: AREAS,
  skills: SKILLS,
  materials: MATERIALS,
  activities: [
    ...BABY_MAT,
    ...IN_AND_OUT,
    ...STACK_AND_FIT,
    ...TRANSFER_AND_POUR,
    ...THREAD_AND_PEG,
    ...MAKING,
    ...WORDS_AND_NUMBERS,
    ...BODY_WORLD_TOGETHER,
  ],
});
