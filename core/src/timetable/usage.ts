/** What takes resources for its whole length. */
interface User {
  readonly minutes: number;
  readonly uses: Readonly<Record<string, number>>;
}

/** How much of each resource is taken when. */
export class Usage {
  private readonly used = new Map<string, { readonly from: number; readonly to: number; readonly amount: number }[]>();
  constructor(private readonly capacities: Readonly<Record<string, number>>) {}
  add(task: User, start: number): void {
    for (const [resource, amount] of Object.entries(task.uses)) {
      const list = this.used.get(resource) ?? [];
      list.push({ from: start, to: start + task.minutes, amount });
      this.used.set(resource, list);
    }
  }
  take(task: User, start: number): void {
    for (const resource of Object.keys(task.uses)) {
      const list = this.used.get(resource)!;
      list.splice(
        list.findIndex((entry) => entry.from === start && entry.to === start + task.minutes),
        1,
      );
    }
  }
  /** The latest start ≤ `start` at which the task fits, and the resource that moved it; undefined when it never fits. */
  latest(task: User, start: number): { readonly start: number; readonly because: string } | { readonly never: string } {
    let at = start;
    let because = '';
    for (let moved = true; moved;) {
      moved = false;
      for (const [resource, amount] of Object.entries(task.uses)) {
        const capacity = this.capacities[resource] ?? 0;
        if (amount > capacity) return { never: resource };
        const list = this.used.get(resource) ?? [];
        // Use is highest at the start of some use, or at the task's own start.
        let worst: number | undefined;
        const near = list.filter((entry) => entry.from < at + task.minutes && entry.to > at);
        for (const point of [at, ...near.map((entry) => entry.from)]) {
          if (point < at) continue;
          let sum = amount;
          for (const entry of near) if (entry.from <= point && entry.to > point) sum += entry.amount;
          if (sum > capacity && (worst === undefined || point > worst)) worst = point;
        }
        if (worst === undefined) continue;
        // To clear the latest crowded point the task must end before the uses there that started last.
        const crowd = near.filter((entry) => entry.from <= worst && entry.to > worst).map((entry) => entry.from);
        at = Math.max(...crowd) - task.minutes;
        because = resource;
        moved = true;
      }
    }
    return { start: at, because };
  }
}
