import { definePreset } from '@primeuix/themes';
import base from '@primeuix/themes/aura/base';
import button from '@primeuix/themes/aura/button';
import checkbox from '@primeuix/themes/aura/checkbox';
import popover from '@primeuix/themes/aura/popover';
import textarea from '@primeuix/themes/aura/textarea';

/** Of the library's plainest preset only the components in use: the whole of it is a quarter megabyte. */
const plain = {
    ...base,
    components: { button, checkbox, popover, textarea },
};

/** Our own ink on marking paper. */
export const theme = definePreset(plain, {
    semantic: {
        primary: {
            50: '#eef2fa',
            100: '#d5dff0',
            200: '#adc0e2',
            300: '#7f9bd0',
            400: '#4d70b3',
            500: '#2c4f93',
            600: '#1f3b73',
            700: '#182f5c',
            800: '#14233f',
            900: '#0f1b31',
            950: '#0a1323',
        },
        borderRadius: { md: '3px', lg: '4px' },
        colorScheme: {
            light: {
                formField: { invalidBorderColor: 'var(--bad)', invalidPlaceholderColor: 'var(--bad)' },
                primary: {
                    color: '{primary.700}',
                    hoverColor: '{primary.800}',
                    activeColor: '{primary.900}',
                },
            },
            dark: {
                formField: { invalidBorderColor: 'var(--bad)', invalidPlaceholderColor: 'var(--bad)' },
                primary: { color: '{primary.200}', hoverColor: '{primary.100}', activeColor: '{primary.50}' },
            },
        },
    },
});
