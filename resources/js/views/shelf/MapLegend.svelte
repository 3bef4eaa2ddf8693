<script lang="ts">
    import PointMark from '../../parts/PointMark.svelte';

    const kinds = [
        { kind: 'opaque', word: 'covers' },
        { kind: 'semi-opaque', word: 'covers half' },
        { kind: 'one-coat', word: 'one coat' },
        { kind: 'wash', word: 'wash' },
        { kind: 'ink', word: 'ink' },
        { kind: 'metallic', word: 'metal' },
        { kind: 'primer', word: 'primer' },
        { kind: 'texture', word: 'paste' },
        { kind: 'effect', word: 'effect' },
        { kind: 'pigment', word: 'pigment' },
    ] as const;
</script>

<ul aria-label="What the marks mean">
    {#each kinds as { kind, word }}
        <li>
            <svg width="16" height="16" viewBox="-10 -10 20 20" aria-hidden="true"
                ><g stroke="currentColor" stroke-width="1.2"><PointMark {kind} hex="#9a9a9a" size={7} /></g></svg
            >{word}
        </li>
    {/each}
    <li><span class="low"></span>running low</li>
    <li><span class="need"></span>needed, missing</li>
    <li><span class="gap"></span>gap</li>
</ul>

<style>
    ul {
        display: flex;
        flex-wrap: wrap;
        gap: 2px 16px;
        color: var(--ink-quiet);
        font-size: 0.8125rem;
    }

    li {
        display: inline-flex;
        gap: 5px;
        align-items: center;
    }

    span {
        display: inline-block;
        width: 14px;
    }

    .low {
        border-bottom: 3px solid currentColor;
    }

    .need {
        height: 12px;
        background: linear-gradient(135deg, transparent 46%, currentColor 46% 54%, transparent 54%);
        border: 1.5px solid currentColor;
    }

    .gap {
        height: 10px;
        border: 1.5px dashed currentColor;
        border-radius: 50%;
    }
</style>
