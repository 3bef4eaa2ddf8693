<script lang="ts">
    import Choose from '../../parts/Choose.svelte';
    import { WAYS, type Row, type Wanted } from '../../lib/wanted.svelte';
    import SplitSwatch from '../../parts/SplitSwatch.svelte';

    /** What does the job of one wanted paint: chosen from all that could, or why there is nothing to choose. */
    let { wanted, row }: { wanted: Wanted; row: Row } = $props();

    const offer = $derived(wanted.pick(row));
    const told = $derived(
        offer === null
            ? 'further off than you allow'
            : `${WAYS[offer.way]}, ${offer.words}${offer.difference > wanted.tolerance ? ', further off than you allow' : ''}`,
    );

    /** Gives the line a colour, so that it can be looked for: it is written behind the name in the list itself. */
    function colour(hex: string): void {
        const lines = wanted.text.split(/\r?\n/);
        const at = (row.list?.line ?? 0) - 1;
        if (lines[at] === undefined) return;
        lines[at] = `${lines[at].replace(/\s*#[0-9a-f]{6}\b/i, '')} ${hex}`;
        wanted.text = lines.join('\n');
    }
</script>

{#if row.standing === 'owned'}
    <span class="quiet">on the shelf</span>
{:else if row.standing === 'unknown'}
    <span class="unknown"
        >Not known here. Give it a colour:
        <label
            ><span class="sr">Colour of {row.name}</span><input
                type="color"
                value="#808080"
                onchange={(event) => colour(event.currentTarget.value)}
            /></label
        ></span
    >
{:else if row.list?.standIn}
    <b>{row.list.standIn.words}</b>
    <small class="quiet">same function and finish</small>
{:else if row.offers.length === 0}
    <b>Missing.</b> <span class="quiet">Nothing owned behaves like it.</span>
{:else}
    <div class="offer">
        {#if offer}<SplitSwatch wanted={row.hex ?? '#808080'} found={offer.colour.hex} height={34} />{/if}
        <div>
            <Choose
                label="Stand-in for {row.name}"
                hideLabel
                value={offer ? String(row.offers.indexOf(offer)) : ''}
                choices={[
                    ...(offer
                        ? []
                        : [{ value: '', label: `Missing: nearest is ${row.offers[0]?.difference.toFixed(1)} off` }]),
                    ...row.offers.map((one, index) => ({
                        value: String(index),
                        label: `${one.mix.words}${one.dilution ? `, ${one.dilution}` : ''} (${one.difference.toFixed(1)})`,
                    })),
                ]}
                change={(index) => index !== '' && wanted.choose(row, Number(index))}
            />
            {#if offer}<details class="quiet">
                    <summary>{told}</summary>
                    <p>{offer.reason}</p>
                </details>{:else}<small class="quiet">{told}</small>{/if}
        </div>
    </div>
{/if}

<style>
    .offer,
    .unknown {
        display: flex;
        gap: 12px;
        align-items: center;
    }

    small,
    details {
        display: block;
        font-size: 0.8125rem;
    }

    summary {
        line-height: 24px;
    }

    .offer > div {
        min-width: 0;
    }

    input[type='color'] {
        width: 34px;
        height: 28px;
        padding: 3px;
        border: 0;
        border-radius: 4px;
        background: var(--well);
    }
</style>
