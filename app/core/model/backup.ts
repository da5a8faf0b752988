import { z } from "zod";
import { failed, type Issue, parseWith, type Result } from "./issue";
import { parseJson } from "./json";
import { brokenLinks, isIn } from "./links";
import { DATA_VERSION, upToDate } from "./migrate";
import { Instant } from "./plainDate";
import { AllTables, type BuiltIn, living, TABLE_NAMES, type Tables } from "./tables";
import { unknownKeys } from "./unknownKeys";

export const BACKUP_FORMAT = "orto-backup";

export const Backup = z.object({
  format: z.literal(BACKUP_FORMAT),
  version: z.literal(DATA_VERSION),
  savedAt: Instant,
  tables: AllTables,
});
export type Backup = Omit<z.infer<typeof Backup>, "tables"> & { tables: Tables };

const Envelope = z.object({ format: z.string(), version: z.number().int().min(1) });

const isOurs = (input: unknown) => (input as { format?: unknown } | null)?.format === BACKUP_FORMAT;

function checkEnvelope(input: unknown): Issue | undefined {
  const envelope = Envelope.safeParse(input);
  if (envelope.error?.issues.some((issue) => issue.path[0] === "version") && isOurs(input)) {
    return {
      code: "no-version",
      path: "version",
      message: `This is no version of a backup: versions are whole numbers from 1 to ${DATA_VERSION}. Choose another copy of the file.`,
    };
  }
  if (!envelope.success || envelope.data.format !== BACKUP_FORMAT) {
    return {
      code: "foreign-file",
      path: "format",
      message: 'This is not a backup of Orto. Choose a file made with "Save a backup file".',
    };
  }
  if (envelope.data.version > DATA_VERSION) {
    return {
      code: "newer-version",
      path: "version",
      message: `This file was made by a newer Orto (file version ${envelope.data.version}; this one reads up to ${DATA_VERSION}). Update Orto, then restore again.`,
    };
  }
  return undefined;
}

function repeatedIds(tables: Tables): Issue[] {
  return TABLE_NAMES.flatMap((name) => {
    const seen = new Set<string>();
    return tables[name].flatMap((row, i) => {
      if (!seen.has(row.id)) {
        seen.add(row.id);
        return [];
      }
      return [
        { code: "repeated-id", path: `tables.${name}[${i}].id`, message: `the id "${row.id}" stands twice` },
      ];
    });
  });
}

function takenIds({ ownSkills, ownMaterials, ownActivities }: Tables, builtIn: BuiltIn): Issue[] {
  const taken = (own: readonly { id: string }[], of: readonly { id: string }[], table: string) => {
    const ids = new Set(of.map((one) => one.id));
    return own.flatMap(({ id }, i): Issue[] =>
      ids.has(id)
        ? [
            {
              code: "built-in-id",
              path: `tables.${table}[${i}].id`,
              message: `bears the id "${id}" of something built in, and would take its place. Give it another id.`,
            },
          ]
        : [],
    );
  };
  return [
    ...taken(ownSkills, builtIn.skills, "ownSkills"),
    ...taken(ownMaterials, builtIn.materials, "ownMaterials"),
    ...taken(ownActivities, builtIn.activities, "ownActivities"),
  ];
}

/**
 * Reads a backup file's content; older versions are brought to the present one. Unknown and newer formats, unknown keys and
 * ids of what is built in are refused, and every fault is listed with its path in the file.
 */
export function readBackup(input: unknown, builtIn: BuiltIn): Result<Backup> {
  const fault = checkEnvelope(input);
  if (fault) return failed(fault);
  const { version } = input as { version: number };
  const present = version < DATA_VERSION ? upToDate(input as never) : input;
  const parsed = parseWith(Backup, present);
  if (!parsed.ok) return parsed;
  const { tables } = parsed.value;
  if (living(tables.household).length !== 1) {
    return failed({
      code: "no-household",
      path: "tables.household",
      message: `has ${living(tables.household).length} households; a backup holds exactly one`,
    });
  }
  const issues = [
    ...unknownKeys(present, parsed.value),
    ...repeatedIds(tables),
    ...takenIds(tables, builtIn),
    ...brokenLinks(tables, isIn(builtIn)).map((one) => one.issue),
  ];
  return issues.length > 0 ? { ok: false, issues } : parsed;
}

/** Reads a backup from the text of a file. */
export function readBackupText(text: string, builtIn: BuiltIn): Result<Backup> {
  const read = parseJson(text);
  if (read.ok) return readBackup(read.value, builtIn);
  return {
    ok: false,
    issues: read.issues.map((issue) => ({
      ...issue,
      code: "damaged-file",
      message: `The file is damaged or not a backup: ${issue.message} Choose another copy of it.`,
    })),
  };
}
