<script lang="ts">
  import { Add } from 'carbon-icons-svelte';
  import { api, ask, asTrouble, type Schemas, type Trouble } from '../../api/client';
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

<Field
  label="Find a job for this machine"
  bind:value={q}
  oninput={() => void look()}
  hint="Type a job: pads, wheel, bottom …"
  bare
/>
<ul>
  {#each offered as job (job.key)}
    <li>
      <button type="button" onclick={() => void open(job.key)} disabled={opening !== ''}>
        <Add size={20} />
        <span>
          <strong>{opening === job.key ? 'Opening …' : job.title}</strong>
          <span class="soft">{job.summary}</span>
        </span>
        <span class="soft joints figure">
          {job.joints}
          {job.joints === 1 ? 'joint' : 'joints'}{job.minutes
            ? `, ${Math.round(job.minutes)} min`
            : ''}
        </span>
      </button>
    </li>
  {:else}
    <li class="soft">{q ? 'No job of the catalogue matches.' : ''}</li>
  {/each}
</ul>
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
  button {
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
  button :global(svg) {
    fill: var(--copper);
  }
  button:hover strong {
    color: var(--copper);
  }
  button strong {
    display: block;
  }
  .joints {
    white-space: nowrap;
  }
</style>
