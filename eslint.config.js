import next from '@next/eslint-plugin-next';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

const upward = (...patterns) => ({
  'no-restricted-imports': ['error', { patterns: patterns.map((group) => ({ group: [group], message: 'Arrows point one way: web → knowledge → core.' })) }],
});

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
      'no-restricted-syntax': [
        'error',
        {
          selector: "CallExpression[callee.property.name='slice'][arguments.0.value=0][arguments.1.value=10]",
          message: 'A day cut out of an instant is the day in Greenwich: use dayIn(instant, zone).',
        },
      ],
    },
  },
);
