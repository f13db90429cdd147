<script lang="ts">
  import { Add, Edit, ErrorFilled, Subtract, WarningAlt } from 'carbon-icons-svelte';
  import { untrack } from 'svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { Submission } from '../../api/submission.svelte';
  import Field from '../../shell/Field.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';

  interface Props {
    id: string;
    kind: Schemas['BroughtSheet']['kind'];
    line: Schemas['SheetLineIn'];
    columns: string[];
    /** Whether lines may still be mended. */
    open: boolean;
    mended: () => Promise<void>;
  }
  let { id, kind, line, columns, open, mended }: Props = $props();
  let editing = $state(false);
  const all = untrack(() => columns);
  let cells = $state<Record<string, string>>(
    untrack(() => Object.fromEntries(all.map((c) => [c, line.cells[c] ?? '']))),
  );
  const sending = new Submission();
  const WORDS: Record<Schemas['SheetLineIn']['standing'], string> = {
    NEW: 'new',
    CHANGED: 'changed',
    SAME: 'there',
    CONFLICT: 'disagrees',
    DOUBTFUL: 'doubtful',
    REFUSED: 'refused',
    LEFT_OUT: 'left out',
  };
  /** The columns a line is known by: large, then as they are, then softly. */
  const ABOUT = {
    VALUES: {
      first: ['torque', 'unit'],
      then: ['place'],
      besides: ['make', 'model', 'year_from', 'year_to', 'document', 'page'],
    },
    MACHINES: {
      first: ['name'],
      then: ['make', 'model', 'model_year'],
      besides: ['kind', 'variant', 'frame_number', 'registration', 'owner', 'place'],
    },
    TOOLS: {
      first: ['name'],
      then: ['type', 'min', 'max', 'unit'],
      besides: ['presets', 'calibrated_on'],
    },
  };
  const joined = (columns: string[]) => columns.flatMap((c) => line.cells[c] ?? []).join(' ');
  /** What is wrong with one cell, where the line was refused. */
  const wrong = (column: string) =>
    line.standing === 'REFUSED'
      ? line.said.find((s) => s.startsWith(`${column}: `))?.slice(column.length + 2)
      : undefined;
  const mend = (to: Record<string, string> | undefined) =>
    sending.send(
      [line.line, to],
      () =>
        ask(
          api.POST('/api/sheets/{id}/lines/{line}', {
            params: { path: { id, line: line.line } },
            body: to
              ? { cells: Object.fromEntries(Object.entries(to).filter(([, text]) => text)) }
              : {},
          }),
        ),
      async () => {
        editing = false;
        await mended();
      },
    );
</script>

<div class="line" class:away={line.standing === 'LEFT_OUT' || line.standing === 'SAME'}>
  <span class="soft figure no">line {line.line}</span>
  <span
    class="stand"
    class:bad={line.standing === 'REFUSED'}
    class:warn={line.standing === 'DOUBTFUL' || line.standing === 'CONFLICT'}
  >
    {#if line.standing === 'REFUSED'}<ErrorFilled size={16} />
    {:else if line.standing === 'DOUBTFUL' || line.standing === 'CONFLICT'}<WarningAlt size={16} />
    {:else if line.standing === 'CHANGED'}<Edit size={16} />
    {:else if line.standing === 'NEW'}<Add size={16} />
    {:else}<Subtract size={16} />{/if}
    {WORDS[line.standing]}
  </span>
  <span class="what">
    <strong class="figure">{joined(ABOUT[kind].first)}</strong>
    {joined(ABOUT[kind].then)}
    <span class="soft">{joined(ABOUT[kind].besides)}</span>
    {#each line.said as words (words)}<span class="said">{words}</span>{/each}
  </span>
  {#if open}
    <span class="acts">
      <button
        class="quiet"
        type="button"
        aria-label="Mend line {line.line}"
        onclick={() => (editing = !editing)}>Mend</button
      >
      {#if line.standing !== 'LEFT_OUT'}
        <button
          class="quiet"
          type="button"
          aria-label="Leave line {line.line} out"
          onclick={() => void mend(undefined)}>Leave out</button
        >
      {/if}
    </span>
  {/if}
</div>
{#if editing}
  <form
    aria-label="Line {line.line}"
    onsubmit={(e) => {
      e.preventDefault();
      void mend(cells);
    }}
  >
    {#each all as column (column)}
      <Field
        label={column.replaceAll('_', ' ')}
        bind:value={() => cells[column] ?? '', (text) => (cells[column] = text)}
        maxlength={500}
        message={wrong(column)}
      />
    {/each}
    <button class="quiet" type="submit" disabled={sending.busy}>Look at it again</button>
  </form>
{/if}
{#if sending.trouble}<TroubleNote trouble={sending.trouble} />{/if}

<style>
  .line {
    display: grid;
    grid-template-columns: 5rem 6.5rem 1fr auto;
    gap: 0 0.75rem;
    align-items: start;
  }
  .away .what {
    color: var(--ink-soft);
  }
  .stand {
    display: inline-flex;
    gap: 0.375rem;
    align-items: center;
  }
  .said {
    display: block;
  }
  .acts {
    display: flex;
    gap: 1rem;
  }
  form {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(9rem, 1fr));
    gap: 0.5rem 0.75rem;
    align-items: start;
    padding: 0.5rem 0 0.5rem 1rem;
    border-left: 3px solid var(--copper);
  }
  @media (max-width: 640px) {
    .line {
      grid-template-columns: 4.5rem 1fr;
    }
    .what,
    .acts {
      grid-column: 1 / -1;
    }
  }
</style>
