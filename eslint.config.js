import next from '@next/eslint-plugin-next';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

const upward = (...patterns) => ({
  'no-restricted-imports': ['error', { patterns: patterns.map((group) => ({ group: [group], message: 'Arrows point one way: web → knowledge → core.' })) }],
});

/** The contract is what both ends are typed by: nothing in it, or in a call of it, is typed by assertion. */
const byAssertion = [
  { selector: 'TSAsExpression:not([typeAnnotation.typeName.name="const"])', message: 'The contract is not typed by assertion.' },
  { selector: 'TSNonNullExpression', message: 'The contract is not typed by assertion.' },
  { selector: 'TSTypeAssertion', message: 'The contract is not typed by assertion.' },
];
const typedCalls = {
  selector: 'CallExpression[callee.name=/^(call|download)$/][typeArguments]',
  message: 'What a call takes and answers is the contract’s: name no types.',
};
const instants = {
  selector: "CallExpression[callee.property.name='slice'][arguments.0.value=0][arguments.1.value=10]",
  message: 'A day cut out of an instant is the day in Greenwich: use dayIn(instant, zone).',
};

/** What React Aria does is done by it, in ui/: a field, a list, a dialog of the browser's own, or a role by hand, has none of its keys and none of its words. */
const controls = [
  {
    selector: 'JSXOpeningElement[name.name=/^(select|details|dialog|input|textarea|button)$/]',
    message: 'A control of ours stands in ui/: use that, or make it there on React Aria.',
  },
  {
    selector:
      'JSXAttribute[name.name="role"][value.value=/^(button|checkbox|combobox|dialog|alertdialog|grid|listbox|menu|menuitem|option|progressbar|radio|radiogroup|row|searchbox|slider|spinbutton|switch|tab|tablist|tabpanel|textbox|toolbar|tooltip|tree)$/]',
    message: 'React Aria gives this role, with its keys: use its control.',
  },
];
const ofTheContract = [
  instants,
  typedCalls,
  { selector: 'TSAsExpression > AwaitExpression > CallExpression[callee.name=/^(call|download)$/]', message: 'What a call answers is the contract’s.' },
];

export default tseslint.config(
  { ignores: ['**/node_modules/**', '**/.next/**', 'web/next-env.d.ts', 'web/src/db/migrations/**', 'e2e/zz-*'] },
  ...tseslint.configs.recommended,
  {
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_', destructuredArrayIgnorePattern: '^_' }],
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-non-null-assertion': 'off',
      eqeqeq: ['error', 'always', { null: 'ignore' }],
      'no-console': 'off',
    },
  },
  { files: ['core/src/**'], rules: upward('@rose/*', 'react', 'react-dom', 'node:*', 'drizzle-orm', 'next') },
  { files: ['knowledge/src/**'], ignores: ['**/*.test.ts'], rules: upward('@rose/web', 'react', 'react-dom', 'node:*', 'drizzle-orm', 'next') },
  {
    files: ['web/src/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks, '@next/next': next },
    rules: {
      'react-hooks/rules-of-hooks': 'error',
      'react-hooks/exhaustive-deps': 'warn',
      ...next.configs.recommended.rules,
      '@next/next/no-html-link-for-pages': 'off',
      'no-restricted-syntax': ['error', ...ofTheContract],
    },
  },
  { files: ['web/src/{app,features}/**/*.tsx'], rules: { 'no-restricted-syntax': ['error', ...ofTheContract, ...controls] } },
  { files: ['web/src/ui/**/*.tsx'], rules: { 'no-restricted-syntax': ['error', ...ofTheContract, controls[1]] } },
  {
    files: ['web/src/contract/**', 'web/src/ui/api.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-syntax': ['error', instants, ...byAssertion, { selector: 'CallExpression[typeArguments]', message: 'The contract infers its types.' }],
    },
  },
);
