import prettier from 'eslint-config-prettier';
import vue from 'eslint-plugin-vue';
import accessibility from 'eslint-plugin-vuejs-accessibility';
import ts from 'typescript-eslint';

export default ts.config(
    { ignores: ['resources/js/api/schema.d.ts'] },
    ...ts.configs.strict,
    ...vue.configs['flat/recommended'],
    ...accessibility.configs['flat/recommended'],
    {
        files: ['**/*.vue', '**/*.ts'],
        languageOptions: { parserOptions: { parser: ts.parser } },
        rules: {
            'vue/multi-word-component-names': 'off',
            // A name of _ marks what is taken out of an object on purpose.
            '@typescript-eslint/no-unused-vars': ['error', { varsIgnorePattern: '^_$' }],
            // A label holds its field: either the nesting or the id is enough for every reader of the screen.
            'vuejs-accessibility/label-has-for': ['error', { required: { some: ['nesting', 'id'] } }],
        },
    },
    {
        files: ['**/*.vue'],
        rules: {
            // Two ways to keep one record are two answers that undo each other.
            'no-restricted-syntax': [
                'error',
                {
                    selector:
                        "CallExpression[callee.object.name='api'][callee.property.name=/^(PUT|PATCH)$/]",
                    message:
                        'No component keeps a record by itself: its page has one way to (state/record, or the use… beside it), where changes wait for their turn.',
                },
            ],
        },
    },
    {
        files: ['**/*.vue'],
        ignores: ['resources/js/ui/TypedInput.vue'],
        rules: {
            // An answer that redraws a bare field wipes out what is being typed into it.
            'vue/no-restricted-syntax': [
                'error',
                {
                    selector:
                        "VElement[rawName='input'] > VStartTag:not(:has(VAttribute[directive=false][key.name='type'][value.value=/^(checkbox|radio|file|range)$/]))",
                    message:
                        'Text is typed into TypedInput (or CellInput, TextField) alone: it keeps what is being typed.',
                },
                {
                    selector: 'VElement[rawName=/^(InputText|InputNumber|AutoComplete)$/]',
                    message:
                        'Text is typed into TypedInput (or CellInput, TextField) alone: it keeps what is being typed.',
                },
            ],
        },
    },
    prettier,
);
