// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { ref } from 'vue';
import { useSlide } from './useSlide';

/** A tape with a notch every ten pixels, named by it. */
function tape() {
    const element = document.createElement('div');
    element.setPointerCapture = () => undefined;
    const told: string[] = [];
    let size = '3';
    const slide = useSlide(
        ref(element),
        (x) => String(Math.round(x / 10)),
        () => size,
        () => told.push('start'),
        (chosen) => told.push((size = chosen)),
    );
    const at = (clientX: number, button = 0): PointerEvent =>
        new MouseEvent('pointer', { clientX, button }) as unknown as PointerEvent;
    return { slide, told, at };
}

it('a drag goes from notch to notch and starts once', () => {
    const { slide, told, at } = tape();
    slide.press(at(30));
    slide.slide(at(41));
    slide.slide(at(44));
    slide.slide(at(52));
    slide.release(at(52));
    expect(told).toEqual(['start', '4', '5']);
});

it('a press brings the clip there, a trembling one too', () => {
    const { slide, told, at } = tape();
    slide.press(at(80));
    slide.slide(at(82));
    slide.release(at(82));
    expect(told).toEqual(['start', '8']);
});

it('a press where the clip stands changes nothing, nor does moving with no button down', () => {
    const { slide, told, at } = tape();
    slide.slide(at(90));
    slide.press(at(31));
    slide.release(at(31));
    slide.press(at(70, 2));
    slide.release(at(70, 2));
    expect(told).toEqual([]);
});

it('after a drag is called off, moving changes nothing', () => {
    const { slide, told, at } = tape();
    slide.press(at(30));
    slide.cancel();
    slide.slide(at(90));
    expect(told).toEqual([]);
});
