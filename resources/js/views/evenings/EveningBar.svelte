<script lang="ts">
    import { across, type Evening, hour, inRows, onModels, rules } from '../../lib/evening';

    /** One bar from start to end: passes as blocks in their own colours, waits hatched, the clock moving through it. */
    let { evening, now }: { evening: Evening; now: string } = $props();

    /** A block narrower than this has no room for its words and takes the next row. */
    const LEAST_PX = 94;
    const ROW = 92;
    let width = $state(800);

    const blocks = $derived(inRows(evening, (100 * LEAST_PX) / width));
    const rows = $derived(Math.max(1, ...blocks.map((one) => one.row + 1)));
    let at = $derived(now);
    const hand = $derived(across(evening, at));

    $effect(() => {
        const timer = setInterval(() => (at = new Date().toISOString()), 30000);
        return () => clearInterval(timer);
    });
</script>

<section class="panel" aria-label="The evening">
    <div class="bar" bind:clientWidth={width} style:height="{rows * ROW + 34}px">
        {#each rules(evening) as rule}
            <span class="rule" style:left="{rule.share}%"
                >{#if rule.share < 96}<small>{rule.at}</small>{/if}</span
            >
        {/each}
        {#each evening.waits as wait}
            <div
                class="wait"
                style:left="{across(evening, wait.start)}%"
                style:width="{Math.max(0.3, across(evening, wait.end) - across(evening, wait.start))}%"
                title="{wait.for} dries, till {hour(wait.end)}"
            >
                {#if (width * wait.minutes) / evening.minutes > LEAST_PX}<span
                        >{wait.for} dries, till {hour(wait.end)}</span
                    >{/if}
            </div>
        {/each}
        <ol>
            {#each blocks as item ([item.batchId, item.stepId, item.coat, item.start].join(' '))}
                <li
                    style:left="{across(evening, item.start)}%"
                    style:width="{Math.max(0.4, across(evening, item.end) - across(evening, item.start))}%"
                    style:top="{item.row * ROW + 30}px"
                >
                    <a
                        href="#/batches/{item.batchId}/paint?step={item.stepId}"
                        title="{hour(item.start)} to {hour(
                            item.end,
                        )}: {item.batchName}, {item.areaName}, {item.label.toLowerCase()}{item.coats > 1
                            ? `, coat ${item.coat} of ${item.coats}`
                            : ''}, {onModels(item)}"
                    >
                        <span class="zones">
                            {#each item.zones as hex}<i style:background={hex}></i>{:else}<i class="bare"></i>{/each}
                        </span>
                        <span class="words" style:margin-left="{(-item.before * width) / 100}px"
                            ><b><bdi>{item.areaName}</bdi></b>, {item.label.toLowerCase()}
                            {#if item.coats > 1}<span class="quiet">{item.coat}/{item.coats}</span>{/if}
                            {onModels(item)}</span
                        >
                    </a>
                </li>
            {:else}
                <li class="nothing">Nothing is left to paint in this one.</li>
            {/each}
        </ol>
        {#if hand >= 0 && hand <= 100}
            <span class="hand" style:left="{hand}%"><b>now</b></span>
        {/if}
    </div>
    {#if evening.driesOn}
        <p class="quiet">
            {evening.driesOn.words} dries on, ready {hour(evening.driesOn.until)}.
        </p>
    {/if}
</section>

<style>
    section {
        display: grid;
        gap: 6px;
        padding: 14px 18px;
    }

    /* What does not fit hangs over the edge, and not over that of the page. */
    .bar {
        position: relative;
        overflow: clip;
        overflow-clip-margin: 12px;
    }

    .rule {
        position: absolute;
        top: 0;
        bottom: 0;
        border-left: 1px solid var(--line);
    }

    .rule small {
        padding-left: 5px;
        color: var(--ink-quiet);
        font-size: 0.75rem;
    }
    li {
        position: absolute;
        min-width: 5px;
        padding-right: 2px;
    }

    .nothing {
        top: 36px;
        color: var(--ink-quiet);
    }

    a {
        display: block;
        min-width: 24px;
        padding: 0;
        color: var(--ink);
        text-decoration: none;
    }

    .zones {
        display: flex;
        height: 38px;
        overflow: hidden;
        border-radius: 3px;
    }

    .zones i {
        flex: 1;
    }

    .bare {
        border: 1px dashed var(--line-strong);
        border-radius: 3px;
    }

    .words {
        display: block;
        width: max(100%, 84px);
        overflow-wrap: anywhere;
        max-height: 48px;
        overflow: hidden;
        font-size: 0.75rem;
        line-height: 1.3;
    }

    a:hover b {
        text-decoration: underline;
    }

    .wait {
        position: absolute;
        top: 30px;
        height: 38px;
        border-radius: 3px;
        background: repeating-linear-gradient(135deg, var(--line-strong) 0 1px, transparent 1px 7px);
        overflow: visible;
    }

    .wait span {
        position: absolute;
        top: 40px;
        max-width: 100%;
        max-height: 48px;
        overflow: hidden;
        color: var(--ink-quiet);
        font-size: 0.75rem;
        overflow-wrap: anywhere;
    }

    .hand {
        position: absolute;
        top: 0;
        bottom: 0;
        border-left: 2px solid var(--accent);
        pointer-events: none;
    }

    .hand b {
        padding: 1px 5px;
        background: var(--panel);
        color: var(--accent);
        font-size: 0.75rem;
    }
</style>
