<script setup lang="ts">
/** What stands behind "Workroom" in the bar while a page is open. */
</script>

<template>
    <Teleport to="#crumbs" defer>
        <slot />
    </Teleport>
</template>
