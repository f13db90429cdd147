<script lang="ts">
  import { Add } from 'carbon-icons-svelte';
  import { api, ask, asTrouble, type Schemas, type Trouble } from '../../api/client';
  import { navigate } from '../../router';
  import TroubleNote from '../../shell/TroubleNote.svelte';
  import BringPack from './BringPack.svelte';

  let { machine }: { machine: Schemas['Machine'] } = $props();
  let offered = $state.raw<Schemas['OfferedJob'][]>([]);
  let q = $state('');
  let asked = 0;
  let opening = $state('');
  let trouble = $state<Trouble | null>(null);
  let jobId = crypto.randomUUID();

  async function look() {
    const mine = ++asked;
    try {
      const found = await ask(
        api.GET('/api/machines/{id}/offered-jobs', {
          params: { path: { id: machine.id }, query: { q } },
        }),
      );
      if (mine === asked) offered = found;
    } catch (e) {
      trouble = asTrouble(e);
    }
  }

  async function open(packKey: string) {
    opening = packKey;
    trouble = null;
    try {
      await ask(api.POST('/api/jobs', { body: { id: jobId, machineId: machine.id, packKey } }));
      await navigate('/jobs/:id/sheet', { params: { id: jobId } });
    } catch (e) {
      trouble = asTrouble(e);
    }
    opening = '';
  }
  $effect(() => void look());
</script>

<input
  bind:value={q}
  oninput={() => void look()}
  aria-label="Find a job for this machine"
  placeholder="Type a job: pads, wheel, bottom …"
  maxlength="200"
  autocomplete="off"
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
  input {
    width: min(28rem, 100%);
    min-height: 2.5rem;
    background: none;
    border: 0;
    border-bottom: 1px solid var(--hairline);
    color: var(--ink);
    font: inherit;
    font-size: 1rem;
  }
  input::placeholder {
    color: var(--ink-soft);
    opacity: 1;
  }
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
