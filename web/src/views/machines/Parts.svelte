<script lang="ts">
  import { api, ask, type Schemas } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import { Submission } from '../../api/submission.svelte';
  import { day, thousands } from '../../joint/figures';
  import Field from '../../shell/Field.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';
  import WayBack from './WayBack.svelte';

  interface Props {
    machineId: string;
    parts: Schemas['PartsOfMachine'];
    taken: (parts: Schemas['PartsOfMachine']) => void;
  }
  let { machineId, parts, taken }: Props = $props();
  const FIELDS = [/^fitted$/, /^fittedMass$/, /^off$/, /^offMass$/, /^place$/];
  const EMPTY = { fitted: '', fittedMass: '', off: '', offMass: '', place: '' };
  let typed = $state({ ...EMPTY });
  /** The kept part somebody is about to say something of. */
  let moving = $state('');
  let place = $state('');
  const sending = new Submission();
  const moved = new Submission();
  const kept = $derived(parts.kept.filter((p) => !p.gone));
  const gone = $derived(parts.kept.filter((p) => p.gone));
  const besides = $derived(sending.besides(...FIELDS));
  const grams = (g: number | undefined) => (g === undefined ? '' : `${thousands(g)} g`);

  async function send(e: SubmitEvent) {
    e.preventDefault();
    const known = parts.fitted.find((p) => p.name === typed.off);
    await sending.send(
      [machineId, typed],
      (id) =>
        ask(
          api.POST('/api/machines/{id}/parts', {
            params: { path: { id: machineId } },
            body: { id, ...typed, ...(known ? { offFittedId: known.id } : {}) },
          }),
        ),
      (fresh) => {
        typed = { ...EMPTY };
        taken(fresh);
      },
    );
  }
  const move = (part: Schemas['KeptPart'], away: boolean) =>
    moved.send(
      [part.id, place, away],
      (id) =>
        ask(
          api.POST('/api/parts/{id}/place', {
            params: { path: { id: part.id } },
            body: { id, place, gone: away },
          }),
        ),
      (fresh) => {
        moving = '';
        place = '';
        taken(fresh);
      },
    );
</script>

{#if parts.mass}<p class="figure">{parts.mass}</p>{/if}
<ul class="lines">
  {#each parts.fitted as part (part.id)}
    <li>
      {#if part.jobId}<a href="/log/{part.jobId}">{part.name}</a>{:else}{part.name}{/if}
      <span class="soft figure">{grams(part.massG)} {day(part.fittedOn)}</span>
    </li>
  {:else}
    <li class="soft">Nothing was fitted through a job yet.</li>
  {/each}
</ul>
{#if kept.length}
  <h3>Came off, and where it lies</h3>
  <ul class="lines">
    {#each kept as part (part.id)}
      <li>
        <span>{part.name} <span class="soft figure">{grams(part.massG)}</span></span>
        <strong>{part.place}</strong>
        <span class="soft">
          {part.instead ? `for ${part.instead},` : ''}
          {part.saidBy}
        </span>
        {#if here.mayWork && part.insteadJobId}
          <WayBack
            jobId={part.insteadJobId}
            words="Put it back"
            label="Put {part.name} back on: prepare the job"
          />
        {/if}
        {#if here.mayWork}
          {#if moving === part.id}
            <form
              class="move"
              aria-label="Where {part.name} lies"
              onsubmit={(e) => {
                e.preventDefault();
                void move(part, false);
              }}
            >
              <Field
                label="Where it lies now, or what became of it"
                bind:value={place}
                message={moved.at(/^place$/)}
              />
              <button class="quiet" type="submit">It lies there</button>
              <button class="quiet" type="button" onclick={() => void move(part, true)}>
                It is gone
              </button>
            </form>
          {:else}
            <button
              class="quiet"
              type="button"
              aria-label="{part.name} lies elsewhere or is gone"
              onclick={() => {
                moving = part.id;
                place = '';
              }}>Moved</button
            >
          {/if}
        {/if}
      </li>
    {/each}
  </ul>
{/if}
{#if gone.length}
  <p class="soft">No longer kept: {gone.map((p) => `${p.name} (${p.place})`).join('; ')}.</p>
{/if}
{#if moved.trouble}<TroubleNote trouble={moved.trouble} />{/if}
{#if here.mayWork}
  <details class="fold">
    <summary>Write down a part</summary>
    <form onsubmit={send} aria-label="A part">
      <Field label="Fitted" bind:value={typed.fitted} message={sending.at(/^fitted$/)} />
      <Field
        label="Its mass"
        hint="900 g"
        bind:value={typed.fittedMass}
        message={sending.at(/^fittedMass$/)}
        maxlength={40}
      />
      <Field label="Came off" bind:value={typed.off} message={sending.at(/^off$/)} />
      <Field
        label="Its mass"
        hint="760 g"
        bind:value={typed.offMass}
        message={sending.at(/^offMass$/)}
        maxlength={40}
      />
      <Field
        label="Where that one lies now"
        hint="Shelf 3, box 12"
        bind:value={typed.place}
        message={sending.at(/^place$/)}
      />
      <button class="quiet" type="submit" disabled={sending.busy}>Write down</button>
    </form>
    {#if besides}<TroubleNote trouble={besides} />{/if}
  </details>
{/if}

<style>
  h3 {
    font-size: 0.875rem;
    margin-top: 0.75rem;
  }
  form {
    display: grid;
    grid-template-columns: 1fr 8rem;
    gap: 0.5rem 0.75rem;
    align-items: end;
  }
  .move {
    grid-template-columns: 1fr auto auto;
  }
  li {
    display: flex;
    flex-wrap: wrap;
    gap: 0 0.75rem;
    align-items: baseline;
  }
</style>
