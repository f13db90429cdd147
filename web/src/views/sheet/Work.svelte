<script lang="ts">
  import { Locked, WarningAlt } from 'carbon-icons-svelte';
  import type { Schemas } from '../../api/client';
  import { inUnit } from '../../joint/figures';
  import TorqueRail from '../../joint/TorqueRail.svelte';
  import { reading } from '../../joint/unit.svelte';
  import { inSequence, isSetByCheck, isStep, type WorkRow } from './work';

  interface Props {
    sheet: Schemas['JobSheet'];
    /** Key of the row in hand. */
    selected: string;
    /** Whether rows may be put elsewhere. */
    may: boolean;
    select: (row: WorkRow) => void;
    /** A row was put before another. */
    move: (row: WorkRow, before: WorkRow) => void;
    /** One key of the keyboard, at the row in hand. */
    key: (e: KeyboardEvent, row: WorkRow) => void;
  }
  let { sheet, selected, may, select, move, key }: Props = $props();
  const rows = $derived(inSequence(sheet));
  let dragged = $state.raw<WorkRow | null>(null);
  let over = $state('');
  const SIDE = { LEFT: 'L', RIGHT: 'R' };
  const blockers = (id: string | undefined) => sheet.blockers.filter((b) => b.jointId === id);
  /** The whole of it stands above the work; a line has room for what is wrong. */
  const short = (b: Schemas['Blocker']) => b.message.split(/[:;]/)[0] ?? '';
  const changed = (id: string | undefined) =>
    id !== undefined && (sheet.sincePrint?.changes.some((c) => c.jointId === id) ?? false);

  function step(e: KeyboardEvent, row: WorkRow) {
    const by = e.key === 'ArrowDown' ? 1 : e.key === 'ArrowUp' ? -1 : 0;
    if (by === 0 || e.altKey) {
      key(e, row);
      return;
    }
    e.preventDefault();
    const next = rows[rows.indexOf(row) + by];
    if (!next) return;
    select(next);
    document.getElementById(next.anchor)?.focus();
  }
</script>

<ol class="joints work" id="plan" aria-label="The work, in its order">
  {#each rows as row, i (row.anchor)}
    {@const joint = row.joint}
    {#if row.group && row.group !== rows[i - 1]?.group}
      <li class="group" aria-hidden="true">{row.group}</li>
    {/if}
    <li class:final={row.final} class:grouped={row.group} class:over={over === row.anchor}>
      <button
        type="button"
        id={row.anchor}
        class="row"
        class:here={row.key === selected}
        class:blocked={row.final && blockers(joint?.id).length > 0}
        aria-current={row.key === selected ? 'true' : undefined}
        draggable={may && (row.final || isStep(row))}
        ondragstart={() => (dragged = row)}
        ondragend={() => {
          dragged = null;
          over = '';
        }}
        ondragover={(e) => {
          if (!dragged || dragged === row) return;
          e.preventDefault();
          over = row.anchor;
        }}
        ondrop={(e) => {
          e.preventDefault();
          if (dragged && dragged !== row) move(dragged, row);
          over = '';
        }}
        onclick={() => select(row)}
        onkeydown={(e) => step(e, row)}
      >
        <span class="doing">{row.doing}</span>
        <span class="what">
          {#if row.hold}<Locked size={16} aria-label="Hold point" />{/if}
          {#if row.side}<span class="side">{SIDE[row.side]}</span>{/if}
          <span class="title">{row.title}</span>
          {#if row.final && joint}
            <span class="soft figure">{joint.count} × {joint.thread}</span>
            {#if joint.critical}<span class="critical">critical</span>{/if}
          {/if}
          {#if !row.final && row.text && row.jointId}<span class="soft figure">{row.text}</span
            >{/if}
          {#if changed(row.final ? joint?.id : undefined)}<span class="copper">changed</span>{/if}
        </span>
        {#if row.final && joint}
          <span class="rail">
            {#if joint.band}
              <TorqueRail
                band={joint.band}
                {...joint.aimNm === undefined ? {} : { aimNm: joint.aimNm }}
                ceilingNm={joint.ceiling?.torqueNm}
                unit={reading.unit}
              />
            {/if}
          </span>
          <span class="figure setting">
            {joint.aimNm === undefined
              ? isSetByCheck(joint)
                ? row.text
                : '–'
              : `${joint.climb ? 'from ' : ''}${inUnit(joint.aimNm, reading.unit)} ${reading.unit.sign}`}
          </span>
        {/if}
      </button>
      {#if row.final}
        {#each blockers(joint?.id) as b, j (j)}
          <p class="stop warn"><WarningAlt size={16} /> {short(b)}</p>
        {/each}
      {/if}
    </li>
  {/each}
</ol>

<style>
  .work {
    list-style: none;
  }
  .group {
    font-size: 0.75rem;
    color: var(--ink-soft);
    padding: 0.375rem 0 0.125rem 0.5rem;
    border-left: 2px solid var(--hairline);
  }
  .grouped {
    border-left: 2px solid var(--hairline);
  }
  .row {
    display: grid;
    grid-template-columns: 5.5rem minmax(0, 1fr) 9rem 5rem;
    gap: 0.5rem;
    align-items: center;
    width: 100%;
    min-height: 2.5rem;
    text-align: left;
    background: none;
    border: 0;
    border-bottom: 1px solid var(--hairline-soft);
    border-left: 3px solid transparent;
    color: var(--ink);
    font: inherit;
    font-size: 0.875rem;
    padding: 0.125rem 0 0.125rem 0.5rem;
    cursor: pointer;
    scroll-margin-top: 8rem;
  }
  li:not(.final) .what {
    grid-column: 2 / -1;
  }
  .final .row {
    min-height: 2.75rem;
  }
  .row:hover {
    background: var(--sunk);
  }
  .row.here {
    background: var(--copper-wash);
    border-left-color: var(--copper);
  }
  .row.blocked {
    border-left-color: var(--warn);
  }
  .over .row {
    border-top: 2px solid var(--copper);
  }
  .doing {
    color: var(--ink-soft);
    font-size: 0.8125rem;
  }
  .final .doing {
    color: var(--copper);
  }
  .what {
    display: flex;
    flex-wrap: wrap;
    gap: 0 0.5rem;
    align-items: center;
    min-width: 0;
  }
  .final .title {
    font-weight: 600;
  }
  .side {
    border: 1px solid var(--hairline);
    font-size: 0.75rem;
    line-height: 1.1rem;
    width: 1.1rem;
    text-align: center;
  }
  .critical {
    font-size: 0.75rem;
    color: var(--ink-soft);
    border-bottom: 2px solid var(--copper);
  }
  .copper {
    color: var(--copper);
    font-size: 0.75rem;
  }
  .rail {
    height: 1.75rem;
    overflow: hidden;
  }
  .setting {
    text-align: right;
    padding-right: 0.5rem;
  }
  .stop {
    display: flex;
    gap: 0.375rem;
    align-items: start;
    font-size: 0.8125rem;
    padding: 0.125rem 0 0.25rem 6.25rem;
  }
  @media (max-width: 1150px) {
    .row {
      grid-template-columns: 4.75rem minmax(0, 1fr) 5rem 4.75rem;
    }
    .stop {
      padding-left: 5.5rem;
    }
  }
  @media (max-width: 900px) {
    .row {
      min-height: 2.75rem;
      grid-template-columns: 4.5rem minmax(0, 1fr) 4.5rem;
    }
    .rail {
      display: none;
    }
    .stop {
      padding-left: 0.75rem;
    }
  }
</style>
