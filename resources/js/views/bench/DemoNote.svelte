<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import Close from 'carbon-icons-svelte/lib/Close.svelte';
    import * as v from 'valibot';
    import { desks } from '../../lib/desks.svelte';
    import { keep, kept } from '../../lib/kept';
    import { settings } from '../../lib/settings.svelte';

    /** Whoever looks at the demo is one press from a desk of their own. */
    const NAME = 'demoNote';
    let closed = $state(kept(NAME, v.boolean()) === true);

    void settings.load().catch(() => undefined);

    function close(): void {
        closed = true;
        keep(NAME, true);
    }
</script>

{#if settings.isDemo && !closed}
    <aside aria-label="This is the demo">
        <p class="quiet">This is the demo; nothing of it comes into your own plans.</p>
        <div class="acts">
            <Button size="small" kind="tertiary" disabled={desks.opening} on:click={() => desks.open(false)}
                >{desks.opening
                    ? 'Opening your own desk…'
                    : settings.isOtherDeskBegun
                      ? 'Back to my own desk'
                      : 'Begin my own desk'}</Button
            >
            <Button
                size="small"
                kind="ghost"
                icon={Close}
                iconDescription="Go on here"
                tooltipPosition="left"
                on:click={close}
            />
        </div>
    </aside>
{/if}

<style>
    aside {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 14px;
        align-items: center;
    }
</style>
