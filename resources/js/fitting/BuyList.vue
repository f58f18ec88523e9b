<script setup lang="ts">
import type { ClothPage } from '../api/types';
import NeedWays from '../paper/NeedWays.vue';
import { purchases } from '../paper/needs';

/** What is to be there before the cloth is cut; what is at hand is ticked. */
const props = defineProps<{ page: ClothPage; have: readonly string[] }>();
const emit = defineEmits<{ have: [keys: string[]] }>();

const has = (key: string): boolean => props.have.includes(key);
function toggle(key: string): void {
    emit('have', has(key) ? props.have.filter((one) => one !== key) : [...props.have, key]);
}
</script>

<template>
    <section aria-labelledby="buy-title">
        <h2 id="buy-title">To have before you cut, for the largest size cut</h2>
        <ul class="buy">
            <li v-for="(envelope, at) in page.envelopes" :key="at">
                <span
                    >Envelope <b>{{ envelope.name }}</b></span
                >
                <span class="what">{{ envelope.owned ? 'yours' : 'to buy' }}</span>
            </li>
            <li v-for="file in page.files" :key="file.name">
                <span
                    >Print <b>{{ file.name }}</b></span
                >
                <span class="what">{{
                    [file.cup && `cup ${file.cup}`, file.range, file.sheet && `on ${file.sheet}`]
                        .filter(Boolean)
                        .join(', ')
                }}</span>
            </li>
            <li v-for="one in purchases(page.needs)" :key="one.key">
                <label>
                    <input type="checkbox" :checked="has(one.key)" @change="toggle(one.key)" />
                    <span>
                        <b>{{ one.name }}</b>
                        <template v-if="one.view"> for view {{ one.view }}</template>
                        <span class="amount"><NeedWays :ways="one.ways" /></span>
                    </span>
                </label>
                <span class="what">{{ has(one.key) ? 'at hand' : 'to buy' }}</span>
            </li>
        </ul>
        <p v-if="page.needs.length === 0" class="hint">
            The pattern lists no amounts yet: type its table of cloth and notions into the pattern.
        </p>
    </section>
</template>

<style scoped>
section {
    display: grid;
    gap: 10px;
}
.buy li {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 2px 18px;
    padding: 4px;
    border-bottom: 1px solid var(--rule);
}
.amount {
    display: inline-block;
    margin-left: 8px;
}
@media (max-width: 560px) {
    .amount {
        margin-left: 0;
    }
}
.what {
    flex: none;
    line-height: 36px;
}
p {
    margin: 0;
}
</style>
