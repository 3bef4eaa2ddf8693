<script lang="ts">
    import { asProblem, got, of, server, type Schemas } from '../lib/api';
    import { Latest } from '../lib/latest.svelte';
    import { tell, warn } from '../lib/notices.svelte';
    import { plural } from '../lib/words';
    import BusyButton from './BusyButton.svelte';
    import Swatch from './Swatch.svelte';

    /** Shelves of plain colours to start with, each taken with one press and given back with another. */
    let { changed = () => undefined }: { changed?: () => unknown } = $props();

    const latest = new Latest<Schemas['Starter'][]>();
    let busy = $state('');

    const load = (): Promise<void> => latest.ask(() => got(server.GET('/starters')));
    $effect(() => void load());

    async function take(shelf: Schemas['Starter']): Promise<void> {
        busy = shelf.id;
        try {
            const done = await got(server.POST('/starters/{id}', of(shelf.id)));
            tell(`“${shelf.name}” stands on your shelf: ${plural(done.pots.length, 'pot')}.`, {
                label: 'Undo',
                run: async () => {
                    await got(server.POST('/shelf/back', { body: done }));
                    await load();
                    await changed();
                },
            });
        } catch (error) {
            warn(asProblem(error).message);
        }
        busy = '';
        await load();
        await changed();
    }
</script>

{#if latest.answer}
    <ul aria-label="Shelves to start with">
        {#each latest.answer as shelf (shelf.id)}
            <li>
                <h3>{shelf.name}</h3>
                <p class="quiet">{shelf.about}</p>
                <div class="row" aria-hidden="true">
                    {#each shelf.paints as paint}<Swatch hex={paint.swatch} kind={paint.kind} size={26} />{/each}
                </div>
                <div class="acts">
                    {#if shelf.owned === shelf.paints.length}
                        <span class="quiet">on your shelf</span>
                    {:else}
                        <BusyButton kind="tertiary" busy={busy !== ''} press={() => take(shelf)}
                            >Put {shelf.owned === 0
                                ? `these ${shelf.paints.length}`
                                : `the other ${shelf.paints.length - shelf.owned}`} on my shelf</BusyButton
                        >
                    {/if}
                </div>
            </li>
        {/each}
    </ul>
{/if}

<style>
    ul {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
        gap: 18px 22px;
    }

    li {
        display: grid;
        gap: 6px;
        align-content: start;
        padding-top: 10px;
        border-top: 1px solid var(--line);
    }

    .row {
        display: flex;
        flex-wrap: wrap;
        gap: 4px;
    }
</style>
