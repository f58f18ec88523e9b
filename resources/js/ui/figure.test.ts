import { describe, expect, it } from 'vitest';
import { figure, figureText } from './figure';

const cm = (n: number): number => Math.round(n * 10_000_000);
const inch = (n: number): number => Math.round(n * 25_400_000);

describe('figure', () => {
    it.each([
        [cm(95.5), '95.5 cm'],
        [cm(104), '104 cm'],
        [cm(-2.25), '−2.25 cm'],
        [cm(-0.004), '0 cm'],
        [0, '0 cm'],
    ])('sets %d nm in centimetres to a tenth of a millimetre', (nm, text) => {
        expect(figureText(nm, 'cm')).toBe(text);
    });

    it.each([
        [inch(37.75), '37 3/4 in'],
        [inch(37), '37 in'],
        [inch(0.375), '3/8 in'],
        [inch(-0.0625), '−1/16 in'],
        [inch(36.99), '37 in'],
        [inch(0.01), '0 in'],
    ])('sets %d nm in inches as a tape shows it', (nm, text) => {
        expect(figureText(nm, 'in')).toBe(text);
    });

    it('keeps whole and fraction apart, so that the fraction alone is set as one', () => {
        expect(figure(inch(37.75), 'in')).toEqual({ sign: '', whole: '37', fraction: '3/4' });
    });

    it('puts a plus before a gain when asked, never before nothing', () => {
        expect(figureText(cm(8.5), 'cm', { signed: true })).toBe('+8.5 cm');
        expect(figureText(0, 'cm', { signed: true })).toBe('0 cm');
        expect(figureText(cm(0.625), 'cm', { signed: true, places: 2 })).toBe('+0.63 cm');
    });
});
