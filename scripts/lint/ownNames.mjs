import ts from 'typescript';

/** Whether every name of a type is known while the program is written. */
function isKnown(type) {
  if (type.isUnion()) return type.types.every(isKnown);
  if (type.isIntersection()) return type.types.some(isKnown);
  return (type.flags & ts.TypeFlags.String) === 0;
}

/** Whether a type is read by an index that counts, not by a name. */
function isList(checker, type) {
  if (type.isUnion()) return type.types.every((each) => isList(checker, each));
  const whole = checker.getApparentType(type);
  return checker.isArrayType(type) || checker.isTupleType(type) || whole.symbol?.name === 'String';
}

/** A name from outside is looked up by `own`, never on a prototype. */
export const ownNames = {
  meta: {
    type: 'problem',
    schema: [],
    messages: { own: 'A name that is not known here may be "constructor": look it up with own().' },
  },
  create(context) {
    const { program, esTreeNodeToTSNodeMap } = context.sourceCode.parserServices;
    const checker = program.getTypeChecker();
    const typeOf = (node) => checker.getTypeAtLocation(esTreeNodeToTSNodeMap.get(node));
    return {
      MemberExpression(node) {
        const { parent } = node;
        const written = parent.type === 'AssignmentExpression' && parent.left === node;
        if (!node.computed || written) return;
        if (isKnown(typeOf(node.property)) || isList(checker, typeOf(node.object))) return;
        context.report({ node, messageId: 'own' });
      },
      BinaryExpression(node) {
        if (node.operator !== 'in' || node.left.type === 'PrivateIdentifier') return;
        if (!isKnown(typeOf(node.left))) context.report({ node, messageId: 'own' });
      },
    };
  },
};
