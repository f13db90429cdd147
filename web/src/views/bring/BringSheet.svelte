<script lang="ts">
  import type { Snippet } from 'svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { mayBeSent } from '../../api/large';
  import { here } from '../../api/session.svelte';
  import { Submission } from '../../api/submission.svelte';
  import { moment } from '../../joint/figures';
  import { navigate } from '../../router';
  import TroubleNote from '../../shell/TroubleNote.svelte';
  import { watched } from './watched';

  interface Props {
    kind: Schemas['BroughtSheet']['kind'];
    /** What its columns are, in a sentence. */
    children: Snippet;
  }
  let { kind, children }: Props = $props();
  const input = $props.id();
  const MANY = { VALUES: 'values', MACHINES: 'machines', TOOLS: 'tools' };
  let sheets = $state.raw<Schemas['BroughtSheet'][]>([]);
  let reading = $state('');
  const sending = new Submission();
  const STATES: Record<Schemas['BroughtSheet']['state'], string> = {
    LOOKED_AT: 'looked at, not accepted',
    ACCEPTED: 'accepted',
    UNDONE: 'undone',
    DROPPED: 'dropped',
  };
  $effect(() => {
    void ask(api.GET('/api/sheets', { params: { query: { kind } } })).then(
      (found) => (sheets = found),
      () => (sheets = []),
    );
  });

  async function bring(file: File | undefined) {
    if (!file) return;
    const words = `Reading ${file.name}, ${Math.max(1, Math.round(file.size / 1024))} kB`;
    reading = `${words} …`;
    let stop = (): void => undefined;
    await sending.send(
      [file.name, file.size, file.lastModified],
      async (id) => {
        await mayBeSent(file, here.largest?.sheetBytes);
        stop = watched(id, (percent) => (reading = `${words}: ${percent} %`));
        return ask(
          api.POST('/api/sheets', {
            params: { query: { id, kind, name: file.name } },
            body: file as unknown as string,
            bodySerializer: (body: unknown) => body as never,
            headers: { 'Content-Type': 'application/octet-stream' },
          }),
        );
      },
      (page) => navigate('/sheets/:id', { params: { id: page.sheet.id } }),
    );
    stop();
    reading = '';
  }
</script>

<details class="fold">
  <summary>Bring a sheet of {MANY[kind]} (CSV)</summary>
  <p class="soft">
    The first line names the columns: {@render children()} Comma, semicolon or tab between, decimal comma
    or point. Nothing counts before you looked at each line and accepted; it can be undone.
  </p>
  <label for={input}>
    <span class="soft">The file</span>
    <input
      id={input}
      type="file"
      accept=".csv,.txt,.tsv,text/csv"
      disabled={sending.busy}
      onchange={(e) => void bring(e.currentTarget.files?.[0])}
    />
  </label>
  {#if reading}<p role="status">{reading}</p>{/if}
  {#if sending.trouble}<TroubleNote trouble={sending.trouble} />{/if}
  {#if sheets.length}
    <ul class="lines">
      {#each sheets as sheet (sheet.id)}
        <li>
          <a href="/sheets/{sheet.id}">{sheet.name}</a>
          <span class="soft">
            {STATES[sheet.state]}, brought {moment(sheet.saidAt)} by {sheet.saidBy}
          </span>
        </li>
      {/each}
    </ul>
  {/if}
</details>

<style>
  label {
    display: grid;
    gap: 0.25rem;
    padding: 0.5rem 0;
  }
  input {
    min-height: 2.5rem;
    font: inherit;
    color: var(--ink);
  }
</style>
