import ts from 'typescript';

/** The shapes of types, spelt out member by member: comments, names and order of files do not matter, members do. */
export function typeShapes(file: string, names: readonly string[]): Record<string, string> {
  const program = ts.createProgram([file], { strict: true, noLib: false, skipLibCheck: true });
  const checker = program.getTypeChecker();
  const module = checker.getSymbolAtLocation(program.getSourceFile(file)!)!;
  const exported = checker.getExportsOfModule(module);
  return Object.fromEntries(
    names.map((name) => {
      const symbol = exported.find((each) => each.name === name);
      if (!symbol) throw new Error(`${file} exports no ${name}`);
      return [name, shapeOf(checker, checker.getDeclaredTypeOfSymbol(symbol), [])];
    }),
  );
}

/** A reason, kept by its code: another one more is nothing that is read wrongly. */
function isCoded(checker: ts.TypeChecker, type: ts.Type): boolean {
  const code = checker.getPropertyOfType(type, 'code');
  return code !== undefined && checker.getTypeOfSymbol(code).isStringLiteral();
}

function shapeOf(checker: ts.TypeChecker, type: ts.Type, within: readonly ts.Type[]): string {
  const inner = (each: ts.Type) => shapeOf(checker, each, [...within, type]);
  // A shape that holds itself is named by how far up it stands.
  const up = within.indexOf(type);
  if (up >= 0) return `^${within.length - up}`;
  if (isCoded(checker, type)) return 'reason';
  if (type.isUnion()) return [...new Set(type.types.map(inner))].sort().join(' | ');
  if (checker.isTupleType(type)) {
    return `[${checker
      .getTypeArguments(type as ts.TypeReference)
      .map(inner)
      .join(', ')}]`;
  }
  if (checker.isArrayType(type)) {
    return `(${checker
      .getTypeArguments(type as ts.TypeReference)
      .map(inner)
      .join()})[]`;
  }
  if (!(type.flags & (ts.TypeFlags.Object | ts.TypeFlags.Intersection))) {
    return checker.typeToString(type);
  }
  const members = checker.getPropertiesOfType(type).map((member) => {
    const optional = member.flags & ts.SymbolFlags.Optional ? '?' : '';
    return `${member.name}${optional}: ${inner(checker.getTypeOfSymbol(member))}`;
  });
  const index = checker
    .getIndexInfosOfType(type)
    .map((info) => `[${checker.typeToString(info.keyType)}]: ${inner(info.type)}`);
  return `{ ${[...members.sort(), ...index].join('; ')} }`;
}
