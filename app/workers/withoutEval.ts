/** Before any schema is made: programs made from text are refused by the security policy. */
Object.assign(globalThis, { __zod_globalConfig: { jitless: true } });
