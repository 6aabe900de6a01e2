// The source files of a folder, parsed: no tests, no declarations.
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import ts from 'typescript';
import { root } from './run.mjs';

export const sourcesUnder = (folder) =>
  readdirSync(path.join(root, folder), { recursive: true, withFileTypes: true })
    .filter(
      (entry) => entry.isFile() && /\.tsx?$/.test(entry.name) && !/\.test|test-tool|\.d\.ts/.test(entry.name),
    )
    .map((entry) => path.relative(root, path.join(entry.parentPath ?? entry.path, entry.name)))
    .sort()
    .map((file) =>
      ts.createSourceFile(
        file,
        readFileSync(path.join(root, file), 'utf8'),
        ts.ScriptTarget.Latest,
        true,
        file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
      ),
    );
