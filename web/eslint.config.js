import js from '@eslint/js';
import prettier from '@vue/eslint-config-prettier/skip-formatting';
import vue from 'eslint-plugin-vue';
import ts from 'typescript-eslint';

export default ts.config(
  { ignores: ['dist', 'node_modules', 'src/api/schema.d.ts', 'target'] },
  js.configs.recommended,
  ...ts.configs.recommended,
  ...vue.configs['flat/recommended'],
  {
    files: ['**/*.vue'],
    languageOptions: { parserOptions: { parser: ts.parser } },
  },
  {
    rules: {
      'no-undef': 'off',
      'vue/multi-word-component-names': 'off',
      // The one place that sets HTML puts in the engraver's own drawing.
      'vue/no-v-html': 'off',
    },
  },
  prettier,
);
