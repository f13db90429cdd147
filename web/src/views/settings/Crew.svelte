<script lang="ts">
  import { Button, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import { Locked, UserAvatar } from 'carbon-icons-svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { Submission } from '../../api/submission.svelte';
  import { moment } from '../../joint/figures';
  import Loaded from '../../shell/Loaded.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';

  type Page = Schemas['CrewPage'];
  type Member = Schemas['CrewMember'];
  type Role = Member['role'];
  const ROLES: Record<Role, string> = {
    MECHANIC: 'mechanic: runs jobs',
    LEAD: 'lead: decides, signs critical jobs, sets rules',
    GUEST: 'guest: reads',
  };
  const STATES: Record<Member['state'], string> = {
    INVITED: 'has not signed in yet',
    HERE: '',
    SHUT_OUT: 'locked out',
    RETIRED: 'retired',
  };
  const load = () => ask(api.GET('/api/crew'));
  let name = $state('');
  let role = $state<Role>('MECHANIC');
  const adding = new Submission();
  const changing = new Submission();
  const addTrouble = $derived(adding.besides(/^name$/));

  async function add(e: SubmitEvent, show: (page: Page) => void) {
    e.preventDefault();
    await adding.send(
      [name, role],
      (id) => ask(api.POST('/api/crew', { body: { id, name, role } })),
      (page) => {
        name = '';
        show(page);
      },
    );
  }
  type What = 'role' | 'reset' | 'lock' | 'retirement';
  const change = (
    m: Member,
    what: What,
    more: { role?: Role; out?: boolean },
    show: (page: Page) => void,
  ) =>
    changing.send(
      [m.id, what, more, m.version],
      () =>
        ask(
          api.POST(`/api/crew/{id}/${what}`, {
            params: { path: { id: m.id } },
            body: { version: m.version, ...more },
          }),
        ),
      show,
    );
</script>

<Loaded {load}>
  {#snippet children(page, show)}
    <h2 id="people">People</h2>
    {#if page.people.length === 1}
      <p class="soft">
        You are alone so far. Add whoever works here: each reading, decision and signature then
        stands under the name of the one who made it, and a colleague can take the second look.
      </p>
    {/if}
    {#if page.invited?.word}
      <div class="word" role="status">
        <p>
          Hand this word to <strong>{page.invited.name}</strong>: it takes the place of a password
          at the first sign-in, holds seven days and is shown only now.
        </p>
        <p class="figure">{page.invited.word}</p>
      </div>
    {/if}
    {#if changing.trouble}<TroubleNote trouble={changing.trouble} />{/if}
    <ul class="lines">
      {#each page.people as m (m.id)}
        <li class:away={m.state !== 'HERE'}>
          <details>
            <summary>
              {#if m.state === 'SHUT_OUT'}<Locked size={16} />{:else}<UserAvatar size={16} />{/if}
              <strong>{m.name}</strong>
              <span>{m.role.toLowerCase()}</span>
              <span class="soft">
                {STATES[m.state]}
                {#if m.state === 'HERE'}
                  {m.hasPin ? '' : 'no PIN yet'}
                  {#if m.devices > 0}
                    signed in on {m.devices}
                    {m.devices === 1 ? 'device' : 'devices'}
                  {/if}
                {:else if m.state === 'INVITED' && m.invitedUntil}
                  · word holds until {moment(m.invitedUntil)}
                {/if}
              </span>
            </summary>
            <div class="acts">
              <label>
                <span class="soft">Role</span>
                <select
                  value={m.role}
                  onchange={(e) =>
                    void change(m, 'role', { role: e.currentTarget.value as Role }, show)}
                >
                  {#each Object.entries(ROLES) as [code, words] (code)}
                    <option value={code}>{words}</option>
                  {/each}
                </select>
              </label>
              {#if m.state !== 'RETIRED'}
                <button
                  class="quiet"
                  type="button"
                  onclick={() => void change(m, 'reset', {}, show)}
                >
                  {m.state === 'INVITED' ? 'Another word' : 'Take password and PIN away'}
                </button>
                <button
                  class="quiet"
                  type="button"
                  onclick={() => void change(m, 'lock', { out: m.state !== 'SHUT_OUT' }, show)}
                >
                  {m.state === 'SHUT_OUT' ? 'Let in again' : 'Lock out'}
                </button>
              {/if}
              <button
                class="quiet"
                type="button"
                onclick={() => void change(m, 'retirement', { out: m.state !== 'RETIRED' }, show)}
              >
                {m.state === 'RETIRED' ? 'Bring back' : 'Retire'}
              </button>
            </div>
            <ul class="soft">
              {#each m.changes as c (c.saidAt + c.what)}
                <li>{moment(c.saidAt)}: {c.what}, by {c.saidBy}</li>
              {/each}
            </ul>
          </details>
        </li>
      {/each}
    </ul>
    <form onsubmit={(e) => void add(e, show)} aria-label="Add a person">
      <TextInput
        labelText="Name"
        bind:value={name}
        maxlength={100}
        autocomplete="off"
        invalid={adding.at(/^name$/) !== ''}
        invalidText={adding.at(/^name$/)}
      />
      <Select labelText="Role" bind:selected={role}>
        {#each Object.entries(ROLES) as [code, words] (code)}
          <SelectItem value={code} text={words} />
        {/each}
      </Select>
      <Button type="submit" size="field" kind="tertiary" disabled={adding.busy || !name.trim()}>
        {adding.busy ? 'Adding …' : 'Add this person'}
      </Button>
    </form>
    {#if addTrouble}<TroubleNote trouble={addTrouble} />{/if}
    <p class="soft">
      Nobody is deleted: who retires keeps the name in every record. Locking out, another role or
      retiring holds at once, also where somebody is signed in.
    </p>
  {/snippet}
</Loaded>

<style>
  summary {
    display: flex;
    flex-wrap: wrap;
    gap: 0 0.75rem;
    align-items: center;
    min-height: 2.5rem;
    cursor: pointer;
  }
  .away strong {
    color: var(--ink-soft);
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem 1.5rem;
    align-items: center;
    padding: 0.25rem 0 0.5rem 1.5rem;
  }
  .acts + ul {
    padding-left: 1.5rem;
    list-style: none;
    font-size: 0.8125rem;
  }
  select {
    min-height: 2.5rem;
    background: var(--raised);
    color: var(--ink);
    border: 0;
    border-bottom: 1px solid var(--hairline);
    font: inherit;
    max-width: 100%;
  }
  form {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(13rem, 1fr));
    gap: 0.75rem;
    align-items: end;
    padding: 0.75rem 0;
    max-width: 56rem;
  }
  .word {
    border-left: 3px solid var(--copper);
    padding: 0.5rem 0.75rem;
    margin: 0.5rem 0;
    max-width: 40rem;
  }
  .word .figure {
    font-family: 'IBM Plex Mono', monospace;
    font-size: 1.75rem;
    letter-spacing: 0.05em;
  }
</style>
