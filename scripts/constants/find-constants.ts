import { readFileSync } from 'node:fs';
import ts from 'typescript';

/** A number of the core's own, or a small table of them that is varied as one. */
export interface Constant {
  readonly file: string;
  /** as a reader finds it, such as `SPREAD.offset` */
  readonly name: string;
  readonly value: string;
  readonly what: string;
  readonly unit: string;
  readonly source: string;
  readonly sureness: 'assumed' | 'chosen' | 'sourced' | 'unsaid';
  /** the places in the file that hold its numbers */
  readonly spots: readonly { readonly from: number; readonly to: number }[];
  /** a count, which stays whole when it is varied */
  readonly whole: boolean;
}

/** Numbers beyond which a table is varied as one. */
const APART = 6;

const UNIT =
  /^(1|%|K|°C|m|mm|s|min|h|g|kg|J|W|Pa|Hz|mol|share|1\/\w|per .*|(kJ|J|W|kg|g|m|mm|m²|m³|mg|Pa|K|s|cm²|ml)([ /·].*)?)$/;

/** Arguments of a rate that follows Arrhenius. */
const ARRHENIUS = ['rate', 'activation', 'reference'];

/** Units of the fields of records whose comment is about the whole. */
const UNIT_OF: Readonly<Record<string, string>> = {
  '.rate': '1/s',
  '.activation': 'J/mol',
  '.reference': 'K',
  '.air': 'K',
  '.transfer': 'W/(m² K)',
  '.radiation': 'W/(m² K)',
  '.vapour': 'Pa',
  '.step': 's',
  '.interval': 's',
  '.duration': 's',
  '.least': 's',
};

const UPPER = /^[A-Z][A-Z0-9_]*$/;

/** The constants at the top level of a source file: upper-case names that hold numbers written out. */
export function constantsOf(file: string): Constant[] {
  const text = readFileSync(file, 'utf8');
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true);
  let doc = '';
  return source.statements.flatMap((statement) => {
    const apart = /\n\s*\n|\*\//.test(text.slice(statement.getFullStart(), statement.getStart()));
    doc = docOf(statement, text) || (apart ? '' : doc);
    if (!ts.isVariableStatement(statement)) return [];
    return statement.declarationList.declarations.flatMap(({ name, initializer }) => {
      if (!ts.isIdentifier(name) || !UPPER.test(name.text) || !initializer) return [];
      const found = numbersIn(initializer, name.text, doc, text);
      if (found.length <= APART) return found.map((number) => constant(file, number.name, number.doc, [number], text));
      return [constant(file, name.text, doc, found, text)];
    });
  });
}

interface Written {
  readonly name: string;
  readonly doc: string;
  readonly node: ts.Expression;
}

function numbersIn(node: ts.Node, name: string, doc: string, text: string): Written[] {
  if (ts.isExpression(node) && isNumber(node)) return [{ name, doc, node }];
  if (ts.isFunctionLike(node) || ts.isTypeNode(node)) return [];
  if (ts.isPropertyAssignment(node)) {
    const own = docOf(node, text);
    return numbersIn(
      node.initializer,
      `${name}.${node.name.getText().replace(/'/g, '')}`,
      own ? `${own} ${doc}` : doc,
      text,
    );
  }
  /* other calls work out what is not written here, such as where a table of a function is sampled */
  if (ts.isCallExpression(node) && !/^(Math\.|Float64Array\.of|tabulateArrhenius)/.test(node.expression.getText()))
    return [];
  if (ts.isArrayLiteralExpression(node) || ts.isCallExpression(node)) {
    const parts = ts.isCallExpression(node) ? node.arguments : node.elements;
    const nameOf = (i: number) => {
      if (ts.isCallExpression(node) && node.expression.getText() === 'tabulateArrhenius')
        return `${name}.${ARRHENIUS[i]}`;
      return parts.length > 1 ? `${name}[${i}]` : name;
    };
    return parts.flatMap((part, i) => numbersIn(part, nameOf(i), doc, text));
  }
  return node.getChildren().flatMap((child) => numbersIn(child, name, doc, text));
}

/** Whether an expression is a number written out, with signs and arithmetic. */
function isNumber(node: ts.Expression): boolean {
  if (ts.isNumericLiteral(node)) return true;
  if (ts.isParenthesizedExpression(node) || ts.isPrefixUnaryExpression(node)) {
    return isNumber(ts.isParenthesizedExpression(node) ? node.expression : node.operand);
  }
  return ts.isBinaryExpression(node) && isNumber(node.left) && isNumber(node.right);
}

function docOf(node: ts.Node, text: string): string {
  const comments = (ts.getLeadingCommentRanges(text, node.getFullStart()) ?? []).filter(({ pos }) =>
    text.startsWith('/**', pos),
  );
  const last = comments.at(-1);
  if (!last) return '';
  return text
    .slice(last.pos + 3, last.end - 2)
    .split('\n')
    .map((line) => line.replace(/^\s*\*? ?/, '').trim())
    .join(' ')
    .replace(/\s+/g, ' ')
    .trim();
}

function constant(file: string, name: string, doc: string, numbers: readonly Written[], text: string): Constant {
  const written = numbers.map(({ node }) => text.slice(node.getStart(), node.end));
  const [head = '', source = ''] = doc.split(/\bSource:\s*/);
  const what = head.replace(/[.;,\s]+$/, '');
  const ending = what.split(/[,;] /).map((part) => part.replace(/[).].*$/, '').trim());
  const rate = name.endsWith('.rate') && what.includes('m²/s') ? 'm²/s' : undefined;
  const unit =
    rate ?? UNIT_OF[name.replace(/^[A-Z_0-9]+/, '')] ?? ending.reverse().find((part) => UNIT.test(part)) ?? '1';
  const whole =
    unit === '1' &&
    written.every((one) => /^[1-9]\d*$/.test(one)) &&
    /\b[Mm]ost|number|count|parts|samples|cells/.test(what);
  return {
    file,
    name,
    value: written.length <= 3 ? written.join(', ').replace(/_/g, '\u202f') : `${written.length} numbers`,
    what,
    unit,
    source: source.replace(/\.$/, ''),
    sureness: surenessOf(doc, source),
    spots: numbers.map(({ node }) => ({ from: node.getStart(), to: node.end })),
    whole,
  };
}

function surenessOf(doc: string, source: string): Constant['sureness'] {
  if (/\bassumed\b/i.test(doc)) return 'assumed';
  if (/^(numerics|chosen|product definition)/.test(source)) return 'chosen';
  return source ? 'sourced' : 'unsaid';
}
