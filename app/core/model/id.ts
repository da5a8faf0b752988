import { z } from "zod";

export const Id = z.string().min(1, "an id").max(80, "an id of at most 80 characters");
