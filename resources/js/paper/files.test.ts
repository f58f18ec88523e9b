import { describe, expect, it } from 'vitest';
import { filesOf } from './files';

describe('what can be taken away', () => {
    it('carries the choices that it heeds, and no others', () => {
        const files = filesOf(7, { page: 'letter', line: 'with_allowance', sizes: 'hidden' });
        const hrefs = Object.fromEntries(files.map(({ name, href }) => [name, href]));
        expect(hrefs['strip.pdf']).toBe(
            '/api/makes/7/strip.pdf?page=letter&line=with_allowance&sizes=hidden',
        );
        expect(hrefs['stations.csv']).toBe('/api/makes/7/stations.csv?sizes=hidden');
        expect(hrefs['make.json']).toBe('/api/makes/7/make.json');
        expect(files.every(({ isFor }) => isFor.length > 20)).toBe(true);
    });
});
