<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { Finding, Step } from '../../lib/api';
    import type { PlanDesk } from '../../lib/planDesk.svelte';
    import { tell } from '../../lib/notices.svelte';

    /** What to know about a step beforehand, each with its mends. */
    let { desk, findings }: { desk: PlanDesk; findings: Finding[] } = $props();

    const severities: Record<Finding['severity'], string> = {
        'stops-the-job': 'stops the job',
        'costs-time': 'costs time',
        taste: 'matter of taste',
    };

    function mend(finding: Finding, changes: Record<string, unknown>): void {
        desk.changeStep(finding.stepId, changes as Partial<Step>);
        tell('Mended.', { label: 'Undo', run: () => desk.undo() });
    }
</script>

<section class="panel" aria-label="Findings">
    <h2>Findings</h2>
    {#each findings as finding (finding.stepId + finding.rule)}
        <article>
            <p><b>{finding.words}</b> <span class="quiet">{severities[finding.severity]}</span></p>
            <p>{finding.why}</p>
            <p class="quiet">{finding.otherSchool}</p>
            <div class="acts">
                {#each finding.mends as one, index}
                    <Button
                        size="small"
                        kind={index === 0 ? 'secondary' : 'tertiary'}
                        on:click={() => mend(finding, one.changes)}>{one.label}</Button
                    >
                {/each}
            </div>
        </article>
    {:else}
        <p class="quiet">Nothing to remark on this step.</p>
    {/each}
</section>

<style>
    section {
        display: grid;
        gap: 10px;
        padding: 12px 14px;
    }

    article {
        display: grid;
        gap: 5px;
    }

    article + article {
        padding-top: 10px;
        border-top: 1px solid var(--line);
    }

    .acts {
        margin-top: 3px;
    }
</style>
