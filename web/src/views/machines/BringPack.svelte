<script lang="ts">
  import { api, ask, type Schemas, type Trouble } from '../../api/client';
  import { mayBeSent } from '../../api/large';
  import { here } from '../../api/session.svelte';
  import { Submission } from '../../api/submission.svelte';

  let { taken }: { taken: () => void } = $props();
  let done = $state<Schemas['TakenPack'] | null>(null);
  const sending = new Submission();
  const trouble = $derived(sending.trouble);

  async function bring(e: Event & { currentTarget: HTMLInputElement }) {
    const input = e.currentTarget;
    const file = input.files?.[0];
    if (!file) return;
    done = null;
    await sending.send(
      file.name,
      () => read(file),
      (pack) => {
        done = pack;
        taken();
      },
    );
    input.value = '';
  }

  async function read(file: File): Promise<Schemas['TakenPack']> {
    const refuse = (detail: string): Trouble => ({ status: 400, detail, errors: [] });
    await mayBeSent(file, here.largest?.packBytes);
    let document: Record<string, never>;
    try {
      document = JSON.parse(await file.text()) as Record<string, never>;
    } catch (e) {
      throw refuse(`This is not JSON that can be read: ${e instanceof Error ? e.message : ''}`);
    }
    return ask(api.POST('/api/packs', { body: document }));
  }
</script>

<label>
  <span>{sending.busy ? 'Reading …' : 'Bring a pack back'}</span>
  <input type="file" accept="application/json,.json" onchange={bring} disabled={sending.busy} />
</label>
{#if done}
  <p class="good" role="status">
    {done.title}: version {done.version}, {done.joints}
    {done.joints === 1 ? 'joint' : 'joints'}{done.confirmed
      ? ''
      : '; yours alone until a lead has looked at it'}. Jobs already opened keep theirs.
  </p>
{/if}
{#if trouble}
  <div class="refused" role="alert">
    <p>Refused whole; nothing was changed. {trouble.detail}</p>
    <ul>
      {#each trouble.errors as error (`${error.field} ${error.message}`)}
        <li><code>{error.field || 'the document'}</code> {error.message}</li>
      {/each}
    </ul>
  </div>
{/if}

<style>
  label {
    display: inline-flex;
    flex-wrap: wrap;
    gap: 0.25rem 0.75rem;
    align-items: center;
    min-height: 2.5rem;
    color: var(--ink-soft);
  }
  input {
    color: var(--ink-soft);
    font: inherit;
  }
  input::file-selector-button {
    min-height: 2rem;
    background: none;
    color: var(--copper);
    border: 1px solid var(--hairline);
    font: inherit;
    padding: 0 0.75rem;
    cursor: pointer;
  }
  .refused {
    padding: 0.5rem 0.75rem;
    border-left: 3px solid var(--bad);
    background: var(--bad-wash);
  }
  .refused ul {
    list-style: none;
  }
  code {
    font-family: 'IBM Plex Mono', monospace;
    font-size: 0.8125rem;
  }
</style>
