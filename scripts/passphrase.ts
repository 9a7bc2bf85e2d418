// `npm run passphrase`: sets the passphrase that people of other machines give. From PANTOGRAPH_PASSPHRASE, or asked for.
import { createInterface } from "node:readline/promises";
import { Writable } from "node:stream";
import {
  accessFile,
  hasPassphrase,
  LEAST_CHARACTERS,
  needsPassphrase,
  passphraseFault,
  setPassphrase,
} from "@/app/access";

// At the start of a server: only where it is needed and none is set yet.
if (process.argv.includes("--first") && (!needsPassphrase() || hasPassphrase())) process.exit(0);

const given = process.env.PANTOGRAPH_PASSPHRASE ?? (await asked());
const fault = given === null ? null : passphraseFault(given);
if (given === null) {
  console.error(
    `HOST lets other machines in, and no passphrase is set.\nSet one of ${LEAST_CHARACTERS} characters or more: npm run passphrase, or give it once as PANTOGRAPH_PASSPHRASE.`,
  );
  process.exitCode = 1;
} else if (fault !== null) {
  console.error(`That is no good passphrase. ${fault}`);
  process.exitCode = 1;
} else {
  await setPassphrase(given);
  console.log(
    `The passphrase is set; of it only a hash is kept, in ${accessFile()}. Whoever was in has to give it anew.`,
  );
}

/** Typed twice, unseen; null where nobody can type. */
async function asked(): Promise<string | null> {
  if (!process.stdin.isTTY) return null;
  const unseen = new Writable({ write: (_chunk, _encoding, done) => done() });
  const lines = createInterface({ input: process.stdin, output: unseen, terminal: true });
  const ask = async (words: string) => {
    process.stdout.write(words);
    const line = await lines.question("");
    process.stdout.write("\n");
    return line;
  };
  try {
    for (;;) {
      const first = await ask("A passphrase for people of other machines, some words that nobody guesses: ");
      const why = passphraseFault(first);
      if (why !== null) process.stdout.write(`${why}\n`);
      else if ((await ask("The same once more: ")) === first) return first;
      else process.stdout.write("They are not the same.\n");
    }
  } finally {
    lines.close();
  }
}
