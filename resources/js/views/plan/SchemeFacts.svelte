<script lang="ts">
    import type { Schemas } from '../../lib/api';

    /** How the scheme balances: key areas, light and dark, warm and cool, what the eye goes to. */
    let {
        scheme,
        chosen,
        choose,
    }: { scheme: Schemas['Scheme']; chosen: string | null; choose: (area: string) => void } = $props();

    const percent = (share: number) => `${Math.round(100 * share)} %`;
    const temperatures = $derived(
        (['warm', 'neutral', 'cool'] as const).map((name) => ({ name, share: scheme.temperatures[name] })),
    );
</script>

{#if scheme.keys.length > 0}
    <section class="panel stack padded" aria-label="Key areas">
        <h2>Key areas first</h2>
        <ul class="stack-near">
            {#each scheme.keys as key (key.area)}
                <li>
                    <button type="button" class="name" onclick={() => choose(key.area)}><bdi>{key.name}</bdi></button>
                    <span class="mark" class:solved={key.isSolved}>{key.isSolved ? 'solved' : 'a risk'}</span>
                    <p class="quiet">{key.why} {key.words}</p>
                </li>
            {/each}
        </ul>
    </section>
{/if}
<section class="panel stack padded" aria-label="Scheme">
    <h2>From dark to light</h2>
    {#if scheme.values.length === 0}
        <p class="quiet">No area has a colour yet. Give some one to see how they stand to each other.</p>
    {:else}
        <ol class="stack-near">
            {#each scheme.values as one (one.area)}
                <li class:chosen={chosen === one.area}>
                    <button type="button" class="name" onclick={() => choose(one.area)}><bdi>{one.name}</bdi></button>
                    <span
                        class="scale"
                        role="img"
                        aria-label="value {one.low} to {one.high}, {one.mean.value} as a whole"
                    >
                        <span class="range" style:left="{one.low}%" style:width="{Math.max(1, one.high - one.low)}%"
                        ></span>
                        <span class="mean" style:left="{one.mean.value}%" style:background={one.mean.hex}></span>
                    </span>
                </li>
            {/each}
        </ol>
        <p class="warmth">
            {#each temperatures.filter((one) => one.share > 0) as one (one.name)}
                <span style:flex-grow={one.share}>{one.name} {percent(one.share)}</span>
            {/each}
        </p>
        {#each scheme.words as words, at (at)}<p>{words}</p>{/each}
    {/if}
</section>

<style>
    ul > li {
        display: grid;
        grid-template-columns: minmax(0, 1fr) auto;
        gap: 0 10px;
        line-height: 1.35;
    }

    ul p {
        grid-column: 1 / -1;
        font-size: 0.875rem;
    }

    ol > li {
        display: grid;
        grid-template-columns: 116px minmax(0, 1fr);
        gap: 10px;
        align-items: center;
    }

    .name {
        overflow: hidden;
        min-height: 24px;
        padding: 1px 0;
        border: 0;
        color: var(--ink);
        background: transparent;
        font: inherit;
        text-align: left;
        text-overflow: ellipsis;
        white-space: nowrap;
        cursor: pointer;
    }

    .name:hover,
    .chosen .name {
        text-decoration: underline;
    }

    ul .name {
        font-weight: 700;
    }

    .mark {
        padding: 0 8px;
        border: 1px solid var(--ink);
        border-radius: 10px;
        font-size: 0.8125rem;
    }

    .solved {
        border-style: dashed;
    }

    .scale {
        position: relative;
        height: 16px;
        border-radius: 2px;
        background: linear-gradient(to right, #000, #777, #fff);
    }

    .range {
        position: absolute;
        top: 5px;
        height: 6px;
        border: 1px solid #fff;
        background: #000;
        opacity: 0.75;
    }

    .mean {
        position: absolute;
        top: -1px;
        width: 10px;
        height: 18px;
        margin-left: -5px;
        border: 2px solid #fff;
        border-radius: 2px;
        box-shadow: 0 0 0 1px #000;
    }

    .warmth {
        display: flex;
        gap: 2px;
    }

    .warmth span {
        flex-basis: 0;
        min-width: fit-content;
        padding: 1px 8px;
        border: 1px solid var(--line-strong);
        font-size: 0.8125rem;
    }
</style>
