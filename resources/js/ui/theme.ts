import { definePreset } from '@primeuix/themes';
import Aura from '@primeuix/themes/aura';

/** Our own ink on marking paper, over the library's plainest preset. */
export const theme = definePreset(Aura, {
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
                primary: {
                    color: '{primary.700}',
                    hoverColor: '{primary.800}',
                    activeColor: '{primary.900}',
                },
            },
            dark: {
                primary: { color: '{primary.200}', hoverColor: '{primary.100}', activeColor: '{primary.50}' },
            },
        },
    },
});
