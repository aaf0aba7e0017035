import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { dirname, join, relative, resolve } from 'node:path';
import ts from 'typescript';

const SRC = resolve(__dirname, '..');

function parsed(file: string): ts.SourceFile {
  return ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest);
}

const isClient = (source: ts.SourceFile): boolean => {
  const [first] = source.statements;
  return (
    !!first &&
    ts.isExpressionStatement(first) &&
    ts.isStringLiteral(first.expression) &&
    first.expression.text === 'use client'
  );
};

function fileOf(from: string, name: string): string | null {
  if (!name.startsWith('.') && !name.startsWith('@/')) return null;
  const base = name.startsWith('@/') ? join(SRC, name.slice(2)) : resolve(dirname(from), name);
  return ['', '.ts', '.tsx'].map((end) => base + end).find((path) => /\.tsx?$/.test(path) && existsSync(path)) ?? null;
}

/** What a file imports by value: the names and the file each comes from. */
function importsOf(source: ts.SourceFile): { file: string; names: string[] }[] {
  return source.statements.flatMap((statement) => {
    if (!ts.isImportDeclaration(statement) || statement.importClause?.phaseModifier === ts.SyntaxKind.TypeKeyword)
      return [];
    const file = fileOf(source.fileName, (statement.moduleSpecifier as ts.StringLiteral).text);
    if (!file) return [];
    const { name, namedBindings } = statement.importClause ?? {};
    const named =
      namedBindings && ts.isNamedImports(namedBindings) ? namedBindings.elements.filter((one) => !one.isTypeOnly) : [];
    return [
      { file, names: [...(name ? [name.text] : []), ...named.map((one) => (one.propertyName ?? one.name).text)] },
    ];
  });
}

/** Files that the server runs: pages, layouts, routes and all they import up to the first file of the browser. */
function serverFiles(): ts.SourceFile[] {
  const entries = readdirSync(join(SRC, 'app'), { recursive: true, encoding: 'utf8' })
    .filter((path) => /(^|\/)(page|layout|not-found|route|manifest)\.tsx?$/.test(path))
    .map((path) => join(SRC, 'app', path));
  const found = new Map<string, ts.SourceFile>();
  const todo = [...entries, join(SRC, 'proxy.ts'), join(SRC, 'instrumentation.ts')];
  for (let file = todo.pop(); file; file = todo.pop()) {
    if (found.has(file)) continue;
    const source = parsed(file);
    if (isClient(source)) continue;
    found.set(file, source);
    todo.push(...importsOf(source).map((one) => one.file));
  }
  return [...found.values()];
}

test('the server calls nothing that a file of the browser exports: of those it takes components alone', () => {
  const files = serverFiles();
  expect(files.length).toBeGreaterThan(200);
  const calls = files.flatMap((source) =>
    importsOf(source)
      .filter(({ file }) => isClient(parsed(file)))
      .flatMap(({ file, names }) => names.filter((name) => !/^[A-Z][a-z]/.test(name)).map((name) => [name, file]))
      .map(([name, file]) => `${relative(SRC, source.fileName)} takes ${name} of ${relative(SRC, file!)}`),
  );
  expect(calls).toEqual([]);
});
