import { ref } from 'vue';

/** What has changed, for who hears the page: the application reads it out when the hands rest. */
export const spoken = ref('');

export function speak(words: string): void {
    if (words !== '') spoken.value = words;
}
