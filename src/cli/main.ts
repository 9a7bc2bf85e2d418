#!/usr/bin/env tsx
import { readFileSync } from "node:fs";
import { runCli } from "./run";

const { status, stdout, stderr } = runCli(process.argv.slice(2), (file) => readFileSync(file));
if (stderr !== "") process.stderr.write(`${stderr}\n`);
// A long answer must be written whole before the process ends, so the status is set and the loop runs out by itself.
process.exitCode = status;
process.stdout.write(`${stdout}\n`);
