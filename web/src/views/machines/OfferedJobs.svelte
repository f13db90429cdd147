<script lang="ts">
  import { Add, ErrorFilled } from 'carbon-icons-svelte';
  import { api, ask, asTrouble, type Schemas, type Trouble } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import { Newest } from '../../api/newest';
  import { Submission } from '../../api/submission.svelte';
  import { navigate } from '../../router';
  import { addressSays } from '../../shell/place';
  import Field from '../../shell/Field.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';
  import BringPack from './BringPack.svelte';

  let { machine }: { machine: Schemas['Machine'] } = $props();
  let offered = $state.raw<Schemas['OfferedJob'][]>([]);
  /** The ask line may have named the job. */
  let q = $state(addressSays('job'));
  let opening = $state('');
  let lost = $state<Trouble | null>(null);
  const sending = new Submission();
  const finds = new Newest();
  const trouble = $derived(sending.trouble ?? lost);

  const look = () =>
    finds.ask(
      () =>
        ask(
          api.GET('/api/machines/{id}/offered-jobs', {
            params: { path: { id: machine.id }, query: { q } },
          }),
        ),
      (found) => {
        offered = found;
        lost = null;
      },
      (e) => (lost = asTrouble(e)),
    );

  const lead = $derived(here.person?.role === 'LEAD');
  let ticked = $state<string[]>([]);
  const titles = $state<Record<string, string>>({});
  const tick = (job: Schemas['OfferedJob']) => {
    titles[job.key] = job.title;
    ticked = ticked.includes(job.key) ? ticked.filter((k) => k !== job.key) : [...ticked, job.key];
  };
  const visit = () =>
    sending.send(['visit', ticked], async (id) => {
      await ask(api.POST('/api/visits', { body: { id, machineId: machine.id, packKeys: ticked } }));
      await navigate('/jobs/:id/sheet', { params: { id } });
    });
  const fromNothing = () =>
    sending.send(['own', q], async (id) => {
      await ask(
        api.POST('/api/own-jobs', { body: { id, machineId: machine.id, title: q.trim() } }),
      );
      await navigate('/jobs/:id/sheet', { params: { id } });
    });

  /** What stands first for the words as they are now; where nothing does, a job from nothing. */
  async function takeFirst() {
    if (!q.trim()) return;
    await look();
    const first = offered[0];
    if (lost) return;
    await (first ? open(first.key) : fromNothing());
  }

  const confirm = (brought: Schemas['BroughtPack']) =>
    sending.send(['confirm', brought], async () => {
      await ask(
        api.POST('/api/packs/{key}/versions/{version}/confirmation', {
          params: { path: { key: brought.packKey, version: brought.version } },
        }),
      );
      await look();
    });

  async function open(packKey: string) {
    opening = packKey;
    await sending.send(packKey, async (id) => {
      await ask(api.POST('/api/jobs', { body: { id, machineId: machine.id, packKey } }));
      await navigate('/jobs/:id/sheet', { params: { id } });
    });
    opening = '';
  }
  $effect(() => void look());
</script>

<form
  onsubmit={(e) => {
    e.preventDefault();
    void takeFirst();
  }}
>
  <Field
    label="Find a job for this machine"
    bind:value={q}
    oninput={() => void look()}
    hint="Type a job: pads, wheel, bottom …"
    bare
  />
</form>
{#if ticked.length}
  <p class="visit">
    <span>{ticked.map((k) => titles[k]).join(' + ')}</span>
    {#if ticked.length > 1}
      <button class="quiet" type="button" disabled={sending.busy} onclick={() => void visit()}>
        Plan these {ticked.length} as one visit
      </button>
    {:else}<span class="soft">Tick another to plan them as one visit.</span>{/if}
  </p>
{/if}
<ul>
  {#each offered as job (job.key)}
    <li>
      <input
        type="checkbox"
        aria-label="{job.title}: in one visit with others"
        checked={ticked.includes(job.key)}
        onchange={() => tick(job)}
      />
      <button
        class="offer"
        type="button"
        onclick={() => void open(job.key)}
        disabled={opening !== ''}
      >
        <Add size={20} />
        <span>
          <strong>{opening === job.key ? 'Opening …' : job.title}</strong>
          <span class="soft">{job.summary}</span>
          {#if job.lastDone}
            <span class="last">
              As {job.lastDone.by} last did it on this model{job.lastDone.confirmedBy
                ? ''
                : ', not confirmed for the others yet'}
            </span>
          {/if}
          {#if job.brought}
            <span class="last">
              Brought by {job.brought.by}, version {job.brought.version}{job.brought.confirmedBy
                ? `, confirmed by ${job.brought.confirmedBy}`
                : ', not offered to the others yet'}{job.brought.besides
                ? '; beside the catalogue’s own'
                : ''}
            </span>
          {/if}
        </span>
        <span class="soft joints figure">
          {job.joints}
          {job.joints === 1 ? 'joint' : 'joints'}{job.minutes
            ? `, ${Math.round(job.minutes)} min`
            : ''}
        </span>
      </button>
      {#if job.brought && (job.brought.differs.length || (lead && !job.brought.confirmedBy))}
        <div class="brought">
          {#if job.brought.differs.length}
            <details>
              <summary>
                {job.brought.differs.length}
                {job.brought.differs.length === 1 ? 'thing differs' : 'things differ'} from the catalogue’s
              </summary>
              <ul class="differs">
                {#each job.brought.differs as d (d.words)}
                  <li class:lost={d.leftOut}>
                    {#if d.leftOut}<ErrorFilled size={16} />
                    {/if}{d.words}
                  </li>
                {/each}
              </ul>
            </details>
          {/if}
          {#if lead && !job.brought.confirmedBy}
            <button
              class="quiet"
              type="button"
              disabled={sending.busy}
              onclick={() => job.brought && void confirm(job.brought)}
            >
              I looked at it: offer it to all
            </button>
          {/if}
        </div>
      {/if}
    </li>
  {:else}
    <li class="soft">{q ? 'No job of the catalogue matches.' : ''}</li>
  {/each}
</ul>
{#if q.trim()}
  <p>
    <button class="quiet" type="button" disabled={sending.busy} onclick={() => void fromNothing()}>
      Plan “{q.trim()}” from nothing
    </button>
  </p>
{/if}
<BringPack taken={() => void look()} />
{#if trouble}<TroubleNote {trouble} retry={look} />{/if}

<style>
  ul {
    max-height: 15.5rem;
    overflow-y: auto;
  }
  ul {
    list-style: none;
  }
  li {
    display: grid;
    grid-template-columns: auto minmax(0, 1fr);
    gap: 0.5rem;
    align-items: center;
  }
  li.soft {
    display: block;
  }
  li input {
    width: 1.25rem;
    height: 1.25rem;
    margin: 0.625rem;
    accent-color: var(--copper-fill);
  }
  .visit {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem 1rem;
    align-items: center;
    border-left: 3px solid var(--copper);
    padding-left: 0.75rem;
  }
  .last {
    display: block;
    font-size: 0.8125rem;
    color: var(--copper);
  }
  .brought {
    grid-column: 2;
    display: grid;
    gap: 0.5rem;
    justify-items: start;
    padding: 0.25rem 0 0.75rem 2rem;
    font-size: 0.875rem;
  }
  .differs {
    max-height: none;
  }
  .differs li {
    display: list-item;
  }
  .differs .lost {
    color: var(--bad);
  }
  .differs .lost :global(svg) {
    fill: var(--bad);
    vertical-align: text-bottom;
  }
  .offer {
    display: grid;
    grid-template-columns: 1.5rem 1fr auto;
    gap: 0.5rem;
    align-items: center;
    width: 100%;
    min-height: 3.25rem;
    text-align: left;
    background: none;
    border: 0;
    border-bottom: 1px solid var(--hairline-soft);
    color: var(--ink);
    font: inherit;
    cursor: pointer;
    padding: 0.25rem 0;
  }
  .offer :global(svg) {
    fill: var(--copper);
  }
  .offer:hover strong {
    color: var(--copper);
  }
  .offer strong {
    display: block;
  }
  .joints {
    white-space: nowrap;
  }
</style>
