<script lang="ts">
  import { api, ask, type Schemas } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import Search from '../../shell/Search.svelte';
  import BringSheet from '../bring/BringSheet.svelte';
  import Doubts from './Doubts.svelte';
  import ValueForm from './ValueForm.svelte';
  import Values from './Values.svelte';

  type Page = Schemas['BookPage'];
  /** Counts up when something was written, so that the list is looked up anew. */
  let turn = $state(0);
  const find = (q: string) => {
    void turn;
    return ask(api.GET('/api/book', { params: { query: { q } } }));
  };
  const on = (q: string, before: number) =>
    ask(api.GET('/api/book', { params: { query: { q, before } } }));
  /** Found beyond the first page, for the words they were found with. */
  let further = $state<{ q: string; pages: Page[] }>({ q: '', pages: [] });
</script>

<svelte:head><title>Spec book · Unimetric</title></svelte:head>
<h1>Spec book</h1>
<p class="soft">
  What makers and parts state, with where it stands. A job takes its values from here, and what is
  looked up at a job lands here.
</p>
{#if here.may('BRING_SHEETS')}
  <BringSheet kind="VALUES">
    make, model, year, place, torque, and as you have them unit, variant, thread, source, document,
    page, condition.
  </BringSheet>
{/if}
<Doubts {turn} />
<Search
  label="Search values by joint, machine, thread, figure or document"
  placeholder="rear axle, M16, 98, manual p. 112"
  {find}
>
  {#snippet children(page, q)}
    {@const pages = further.q === q ? further.pages : []}
    {@const last = pages.at(-1) ?? page}
    {#if page.values.length === 0}
      <p class="soft">
        {q
          ? 'Nothing in the book has all of these words; try fewer.'
          : 'The book is empty. Enter the first value below, bring a sheet of them, or look one up at a job: it lands here with its page.'}
      </p>
    {:else}
      <Values
        values={[page, ...pages].flatMap((p) => p.values)}
        sources={page.sources}
        conditions={page.conditions}
        changed={() => (turn += 1)}
      />
      {#if last.more !== undefined}
        <button
          class="quiet"
          type="button"
          onclick={async () => {
            const next = await on(q, last.more ?? 0);
            further = { q, pages: [...pages, next] };
          }}
        >
          Further ones
        </button>
      {/if}
      <p>
        <a href="/api/sheets/of-VALUES.csv?q={encodeURIComponent(q)}" download>
          These as a sheet (CSV)
        </a>
      </p>
    {/if}
    {#if here.may('ENTER_VALUES')}
      <details class="fold" open={page.values.length === 0 && !q}>
        <summary>Enter a value</summary>
        <ValueForm sources={page.sources} conditions={page.conditions} taken={() => (turn += 1)} />
      </details>
    {/if}
  {/snippet}
</Search>
