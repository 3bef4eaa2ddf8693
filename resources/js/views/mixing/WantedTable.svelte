<script lang="ts">
    import { Button, OverflowMenu, OverflowMenuItem } from 'carbon-components-svelte';
    import { push } from 'svelte-spa-router';
    import { wishFor } from '../../lib/wish';
    import type { Row, Wanted } from '../../lib/wanted.svelte';
    import Swatch from '../../parts/Swatch.svelte';
    import WantedOffer from './WantedOffer.svelte';

    /** Wanted on the left, what does the job on the right, and how far off it is. */
    let { wanted, rows }: { wanted: Wanted; rows: Row[] } = $props();

    let ownedShown = $state(false);
    const owned = $derived(rows.filter((row) => row.standing === 'owned'));
    /** In a plan what is owned is no news: it waits behind a press. A list stays in the painter's order. */
    const folds = $derived(wanted.planId !== null && owned.length > 0);
    const shown = $derived(
        folds ? [...rows.filter((row) => row.standing !== 'owned'), ...(ownedShown ? owned : [])] : rows,
    );

    /** The one paint that would settle the row, if it is in the catalogue. */
    function wishable(row: Row): { id: string; name: string } | null {
        if (row.list !== null) return row.list.isKnown ? row.list.paint : null;
        return row.parts.length === 1 && row.parts[0] ? { id: row.parts[0].paint, name: row.parts[0].name } : null;
    }

    function mix(row: Row): void {
        const step = row.uses.find((use) => !use.stepId.startsWith('undercoat'));
        const target: Record<string, string> =
            row.list?.paint && row.list.isKnown
                ? { paint: row.list.paint.id }
                : step && wanted.planId
                  ? { plan: wanted.planId, step: step.stepId }
                  : { colour: row.hex ?? '' };
        void push(`/mixing?${new URLSearchParams(target)}`);
    }

    function uses(row: Row): string {
        const names = [...new Set(row.uses.map((use) => use.area))];
        return names.length > 3 ? `${names.slice(0, 3).join(', ')} and ${names.length - 3} more` : names.join(', ');
    }
</script>

<div class="panel table">
    <!-- On a narrow screen the rows are laid out as blocks, which takes their roles from them: so they are said. -->
    <!-- svelte-ignore a11y_no_redundant_roles -->
    <table class="rows" role="table">
        <caption class="sr">Wanted paints and what the shelf has for each</caption>
        <thead>
            <tr
                ><th scope="col">Wanted</th><th scope="col">Does the job</th><th scope="col" class="num">Off by</th><th
                    scope="col"><span class="sr">Actions</span></th
                ></tr
            >
        </thead>
        <tbody role="rowgroup">
            {#each shown as row (row.key)}
                {@const offer = wanted.pick(row)}
                {@const wish = wishable(row)}
                <tr role="row" class:settled={row.standing === 'owned'}>
                    <th scope="row" role="rowheader">
                        <span class="name">
                            <Swatch hex={row.hex} kind={row.list?.paint?.kind} size={34} />
                            <span
                                ><bdi>{row.name}</bdi>
                                <small class="quiet">
                                    {#if row.uses.length > 0}{uses(row)}
                                    {:else if row.list?.paint && row.list.written !== row.name}
                                        “{row.list.written}”{row.list.orElse.length > 0
                                            ? `, or ${row.list.orElse.map((one) => one.name).join(', ')}?`
                                            : ''}
                                    {/if}
                                </small></span
                            >
                        </span>
                    </th>
                    <td role="cell">
                        <WantedOffer {wanted} {row} />
                    </td>
                    <td role="cell" class="num">{offer ? offer.difference.toFixed(1) : ''}</td>
                    <td role="cell" class="acts">
                        <div class="doings">
                            {#if row.standing !== 'owned'}
                                {#if row.uses.length > 0 && offer}
                                    <Button size="small" kind="secondary" on:click={() => wanted.take([row])}
                                        >Take it</Button
                                    >
                                {:else if wish}
                                    <Button size="small" kind="tertiary" on:click={() => wishFor(wish.id, wish.name)}
                                        >Wish for it</Button
                                    >
                                {/if}
                                <OverflowMenu
                                    size="sm"
                                    flipped
                                    iconDescription="More for {row.name}"
                                    aria-label="More for {row.name}"
                                >
                                    {#if row.hex !== null}<OverflowMenuItem
                                            text="Mix it"
                                            on:click={() => mix(row)}
                                        />{/if}
                                    {#if wish && row.uses.length > 0 && offer}<OverflowMenuItem
                                            text="Wish for it"
                                            on:click={() => wishFor(wish.id, wish.name)}
                                        />{/if}
                                </OverflowMenu>
                            {/if}
                        </div>
                    </td>
                </tr>
            {/each}
        </tbody>
    </table>
    {#if folds}
        <Button
            size="small"
            kind="ghost"
            class="fold"
            aria-expanded={ownedShown}
            on:click={() => (ownedShown = !ownedShown)}
            >{ownedShown ? 'Hide' : 'Show'} the {owned.length} that stand on your shelf</Button
        >
    {/if}
</div>

<style>
    .table {
        overflow: auto hidden;
    }

    .name {
        display: flex;
        gap: 12px;
        align-items: center;
    }

    .name span {
        display: grid;
        line-height: 1.25;
    }

    bdi {
        font-weight: 700;
    }

    .settled bdi {
        font-weight: 400;
    }

    small {
        display: block;
        font-size: 0.8125rem;
    }

    .num {
        font-weight: 700;
    }

    .doings {
        display: flex;
        gap: 4px;
        align-items: center;
        justify-content: flex-end;
    }

    td.acts {
        display: table-cell;
        white-space: nowrap;
        text-align: right;
    }

    thead .num {
        font-weight: 400;
    }

    /* Too narrow for a table: each paint is a small block, its stand-in and what can be done below it. */
    @media (max-width: 900px) {
        thead {
            position: absolute;
            width: 1px;
            height: 1px;
            overflow: hidden;
            clip-path: inset(50%);
        }

        tbody tr {
            display: grid;
            grid-template-columns: minmax(0, 1fr) auto;
            padding: 4px 0;
        }

        tbody td {
            grid-column: 1 / -1;
        }

        tbody td:empty {
            display: none;
        }

        tbody td.num {
            grid-row: 1;
            grid-column: 2;
            align-self: center;
        }

        .doings {
            justify-content: flex-start;
        }
    }
</style>
