<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import Close from 'carbon-icons-svelte/lib/Close.svelte';
    import { asProblem, got, of, server, type Schemas } from '../../lib/api';
    import { tell, warn } from '../../lib/notices.svelte';
    import Swatch from '../../parts/Swatch.svelte';

    /** My mixes, each with its parts. */
    let { mixes, changed }: { mixes: Schemas['KeptMix'][]; changed: () => Promise<void> } = $props();

    async function drop(kept: Schemas['KeptMix']): Promise<void> {
        try {
            await got(server.DELETE('/kept-mixes/{id}', of(kept.id)));
        } catch (error) {
            warn(asProblem(error).message);
            return;
        }
        await changed();
        tell(`“${kept.name}” is no longer kept.`, {
            label: 'Undo',
            run: async () => {
                await got(server.POST('/kept-mixes/{id}/restore', of(kept.id)));
                await changed();
            },
        });
    }
</script>

{#if mixes.length > 0}
    <section class="panel" aria-label="My mixes">
        <h2>My mixes</h2>
        <ul>
            {#each mixes as kept (kept.id)}
                <li>
                    <Swatch hex={kept.mix?.colour.hex ?? null} size={28} />
                    <span
                        ><b><bdi>{kept.name}</bdi></b><small class="quiet"
                            >{#if kept.mix}<a href="#/mixing?colour={encodeURIComponent(kept.mix.colour.hex)}"
                                    ><bdi>{kept.mix.words}</bdi></a
                                >{:else}a paint in it has lost its colour{/if}</small
                        ></span
                    >
                    <Button
                        size="small"
                        kind="ghost"
                        icon={Close}
                        iconDescription="Keep {kept.name} no longer"
                        tooltipPosition="left"
                        on:click={() => drop(kept)}
                    />
                </li>
            {/each}
        </ul>
    </section>
{/if}

<style>
    section {
        padding: 12px 14px;
    }

    ul {
        margin: 6px 0 0;
    }

    li {
        display: grid;
        grid-template-columns: auto minmax(0, 1fr) auto;
        gap: 10px;
        align-items: center;
        padding: 4px 0;
        border-top: 1px solid var(--line);
    }

    span {
        display: grid;
        line-height: 1.3;
    }

    small {
        font-size: 0.8125rem;
    }

    a {
        color: inherit;
    }
</style>
