<script lang="ts">
  import { Button, Checkbox } from 'carbon-components-svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import { Submission } from '../../api/submission.svelte';
  import { moment } from '../../joint/figures';
  import { route } from '../../router';
  import Loaded from '../../shell/Loaded.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';
  import SheetLine from './SheetLine.svelte';
  import { watched } from './watched';

  type Page = Schemas['SheetPageIn'];
  type Standing = Schemas['SheetLineIn']['standing'];
  const id = $derived(route.params.id ?? '');
  const HOME = {
    VALUES: { href: '/book', words: 'Spec book' },
    MACHINES: { href: '/machines', words: 'Machines' },
    TOOLS: { href: '/crib', words: 'Crib' },
  };
  let percent = $state<number>();
  let only = $state<Standing | ''>('');
  let doubtsSeen = $state(false);
  const settling = new Submission();
  const trouble = $derived(settling.trouble);
  const get = (standing: Standing | '', after = 0): Promise<Page> =>
    ask(
      api.GET('/api/sheets/{id}', {
        params: { path: { id }, query: { after, ...(standing ? { standing } : {}) } },
      }),
    );
  const load = () => get('');
  const count = (page: Page, ...codes: Standing[]) =>
    page.standings.filter((s) => codes.includes(s.code)).reduce((n, s) => n + s.lines, 0);

  async function choose(standing: Standing | '', show: (page: Page) => void) {
    only = standing;
    show(await get(standing));
  }
  async function further(page: Page, show: (page: Page) => void) {
    const next = await get(only, page.more);
    show({ ...next, lines: [...page.lines, ...next.lines] });
  }
  async function accept(show: (page: Page) => void) {
    percent = undefined;
    const stop = watched(id, (now) => (percent = now));
    await settling.send(
      ['accept', id, doubtsSeen],
      () =>
        ask(
          api.POST('/api/sheets/{id}/acceptance', {
            params: { path: { id } },
            body: { doubtsSeen },
          }),
        ),
      show,
    );
    stop();
  }
  const undo = (show: (page: Page) => void) =>
    settling.send(
      ['undo', id],
      () => ask(api.POST('/api/sheets/{id}/undoing', { params: { path: { id } } })),
      show,
    );
</script>

<svelte:head><title>A sheet · Unimetric</title></svelte:head>
<Loaded {load}>
  {#snippet children(page, show)}
    {@const open = page.sheet.state === 'LOOKED_AT' && here.may('BRING_SHEETS')}
    {@const refused = count(page, 'REFUSED')}
    {@const doubtful = count(page, 'DOUBTFUL', 'CONFLICT')}
    {@const bring = count(page, 'NEW', 'CHANGED', 'DOUBTFUL', 'CONFLICT')}
    <p><a href={HOME[page.sheet.kind].href}>{HOME[page.sheet.kind].words}</a></p>
    <h1>{page.sheet.name}</h1>
    <p class="soft">
      Taken for {page.sheet.takenFor}. Brought {moment(page.sheet.saidAt)} by {page.sheet.saidBy}.
    </p>
    {#if page.sheet.state === 'ACCEPTED'}
      <p>
        <strong class="good">Accepted</strong>
        <span class="soft">
          by {page.sheet.settledBy}, {moment(page.sheet.settledAt ?? '')}. Undone, all it brought is
          taken back and what it changed stands again as it was.
        </span>
      </p>
    {:else if page.sheet.state === 'UNDONE'}
      <p><strong>Undone</strong> <span class="soft">by {page.sheet.settledBy}.</span></p>
    {:else if page.sheet.state === 'DROPPED'}
      <p><strong>Dropped</strong> <span class="soft">by {page.sheet.settledBy}.</span></p>
    {:else}
      <p><strong>Nothing of it counts yet.</strong></p>
    {/if}
    <div class="standings" role="group" aria-label="Which lines are shown">
      <button
        type="button"
        class:on={only === ''}
        aria-pressed={only === ''}
        onclick={() => void choose('', show)}>all</button
      >
      {#each page.standings as s (s.code)}
        <button
          type="button"
          class:on={only === s.code}
          class:bad={s.code === 'REFUSED'}
          class:warn={s.code === 'DOUBTFUL' || s.code === 'CONFLICT'}
          aria-pressed={only === s.code}
          onclick={() => void choose(s.code, show)}
        >
          <span class="figure">{s.lines}</span>
          {s.words}
        </button>
      {/each}
    </div>
    <ul class="lines">
      {#each page.lines as line (line.line)}
        <li>
          <SheetLine
            {id}
            kind={page.sheet.kind}
            {line}
            columns={page.columns}
            {open}
            mended={async () => show(await get(only))}
          />
        </li>
      {:else}
        <li class="soft">No line of this kind.</li>
      {/each}
    </ul>
    {#if page.more !== undefined}
      <button class="quiet" type="button" onclick={() => void further(page, show)}>
        Further lines
      </button>
    {/if}
    {#if trouble}<TroubleNote {trouble} />{/if}
    {#if open}
      <div class="settle">
        {#if doubtful > 0}
          <Checkbox
            labelText="I looked at the {doubtful} that disagree or are doubtful"
            bind:checked={doubtsSeen}
          />
        {/if}
        <Button
          size="field"
          disabled={settling.busy || refused > 0 || bring === 0 || (doubtful > 0 && !doubtsSeen)}
          on:click={() => void accept(show)}
        >
          {settling.busy
            ? percent === undefined
              ? 'Accepting …'
              : `Accepting: ${percent} %`
            : `Accept ${bring} ${bring === 1 ? page.one : page.many}`}
        </Button>
        <button class="quiet" type="button" onclick={() => void undo(show)}>Drop the sheet</button>
        {#if refused > 0}
          <span class="bad">{refused} refused: mend them or leave them out first.</span>
        {/if}
      </div>
    {:else if page.sheet.state === 'ACCEPTED' && here.may('BRING_SHEETS')}
      <button class="quiet" type="button" onclick={() => void undo(show)}>Undo this sheet</button>
    {/if}
  {/snippet}
</Loaded>

<style>
  .standings {
    display: flex;
    flex-wrap: wrap;
    gap: 0.25rem 1rem;
    border-bottom: 1px solid var(--hairline);
    margin-top: 0.75rem;
  }
  .standings button {
    min-height: 2.5rem;
    background: none;
    border: 0;
    border-bottom: 3px solid transparent;
    color: var(--ink-soft);
    font: inherit;
    cursor: pointer;
  }
  .standings .bad {
    color: var(--bad);
  }
  .standings .warn {
    color: var(--warn);
  }
  .standings .on {
    color: var(--ink);
    border-bottom-color: var(--copper);
  }
  .settle {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem 1.5rem;
    align-items: center;
    padding-top: 1rem;
  }
</style>
