<script lang="ts">
  import { api, ask, type Schemas } from '../../api/client';
  import { moment } from '../../joint/figures';
  import Field from '../../shell/Field.svelte';
  import Loaded from '../../shell/Loaded.svelte';

  type Page = Schemas['AuditPage'];
  type Kind = Schemas['AuditEntry']['kind'];
  let kind = $state<Kind | ''>('');
  const get = (before?: number): Promise<Page> =>
    ask(
      api.GET('/api/audit', {
        params: {
          query: { ...(kind ? { kind } : {}), ...(before === undefined ? {} : { before }) },
        },
      }),
    );
  const load = () => get();
  async function further(page: Page, show: (page: Page) => void) {
    const next = await get(page.more);
    show({ ...next, entries: [...page.entries, ...next.entries] });
  }
  const words = (page: Page, code: Kind) => page.kinds.find((k) => k.code === code)?.words ?? code;
</script>

<h2 id="doors">At the doors</h2>
<Loaded {load}>
  {#snippet children(page, show)}
    <div class="kind">
      <Field
        label="Only"
        bind:value={
          () => kind,
          (chosen) => {
            kind = chosen as Kind | '';
            void get().then(show);
          }
        }
      >
        {#snippet options()}
          <option value="">everything</option>
          {#each page.kinds as k (k.code)}<option value={k.code}>{k.words}</option>{/each}
        {/snippet}
      </Field>
    </div>
    <ul class="lines">
      {#each page.entries as entry (entry.id)}
        <li>
          <span class="soft">{moment(entry.happenedAt)}</span>
          <span class:bad={entry.kind.endsWith('REFUSED')}>{words(page, entry.kind)}</span>
          <strong>{entry.who || 'a stranger'}</strong>
          <span class="soft"
            >{entry.kind.startsWith('SIGN') ? '' : entry.about} from {entry.address || 'here'}</span
          >
        </li>
      {:else}
        <li class="soft">
          Nothing of this kind yet. Sign-ins, refusals, rights, settings, packs and sheets will
          stand here, with who and from where; nothing here can be changed.
        </li>
      {/each}
    </ul>
    {#if page.more !== undefined}
      <button class="quiet" type="button" onclick={() => void further(page, show)}>Before</button>
    {/if}
  {/snippet}
</Loaded>

<style>
  .kind {
    max-width: 15rem;
  }
  li {
    display: flex;
    flex-wrap: wrap;
    gap: 0 0.75rem;
  }
</style>
