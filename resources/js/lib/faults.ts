import { tick } from 'svelte';

/** After a refusal the cursor goes to the first field at fault, where its mend stands. */
export async function toFirstFault(form: HTMLElement | null | undefined): Promise<void> {
    await tick();
    form?.querySelector<HTMLElement>(
        'input[aria-invalid="true"], textarea[aria-invalid="true"], select[aria-invalid="true"], [data-invalid="true"] input, [data-invalid="true"] select',
    )?.focus();
}
