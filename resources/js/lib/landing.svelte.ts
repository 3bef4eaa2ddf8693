/** The area of the list that something dragged is held over. */
class Landing {
    area = $state<string | null>(null);

    /** Where the pointer or the finger is now; what is dragged lies between and is looked through. */
    at(x: number, y: number): void {
        const under = document.elementsFromPoint(x, y).map((one) => one.closest<HTMLElement>('[data-area]'));
        this.area = under.find((one) => one !== null)?.dataset.area ?? null;
    }

    /** What it was let go over. */
    end(): string | null {
        const area = this.area;
        this.area = null;
        return area;
    }
}

export const landing = new Landing();
