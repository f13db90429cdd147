<script lang="ts">
  import { Button, PasswordInput, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import { api, ask, type Schemas } from '../api/client';
  import { keep, kept } from '../api/drafts';
  import { here } from '../api/session.svelte';
  import { Submission } from '../api/submission.svelte';
  import Loaded from './Loaded.svelte';
  import TroubleNote from './TroubleNote.svelte';

  type Choices = Schemas['Choices'];
  const DRAFT = 'first-start';
  const FRESH = {
    key: new window.URLSearchParams(window.location.search).get('key') ?? '',
    name: '',
    unit: 'N.m',
    zone: '',
    alone: 'no',
    aim: 'MIDDLE' as Schemas['Beginning']['aim'],
    lead: '',
  };
  const typed = $state({ ...FRESH, ...(JSON.parse(kept(DRAFT) || '{}') as Partial<typeof FRESH>) });
  if (FRESH.key) typed.key = FRESH.key;
  let password = $state('');
  let pin = $state('');
  $effect(() => keep(DRAFT, JSON.stringify(typed)));
  const sending = new Submission();
  const at = (field: string) => sending.at(new RegExp(`^(lead\\.)?${field}$`));
  const FIELDS = ['key', 'name', 'zone', 'password', 'pin'];
  const trouble = $derived(FIELDS.some((f) => at(f)) ? null : sending.trouble);
  /** The name of the lead is told at “lead.name”, that of the workshop at “name”. */
  const nameTrouble = $derived(sending.at(/^name$/));
  const leadTrouble = $derived(sending.at(/^lead\.name$/));

  async function load(): Promise<Choices> {
    const choices = await ask(api.GET('/api/workshop'));
    const own = Intl.DateTimeFormat().resolvedOptions().timeZone;
    if (!typed.zone) typed.zone = choices.zones.includes(own) ? own : choices.zone;
    return choices;
  }
  async function send(e: SubmitEvent) {
    e.preventDefault();
    await sending.send(
      [typed, password, pin],
      () =>
        ask(
          api.POST('/api/workshop', {
            body: { ...typed, alone: typed.alone === 'yes', password, pin },
          }),
        ),
      async () => {
        keep(DRAFT, '');
        window.history.replaceState(null, '', '/');
        await here.look();
      },
    );
  }
</script>

<svelte:head><title>A new workshop · Unimetric</title></svelte:head>
<Loaded {load}>
  {#snippet children(choices)}
    <form onsubmit={send} aria-label="Begin with this workshop">
      <h1>A new workshop</h1>
      <p class="soft">
        Five questions, then you: the first lead. All of it can be changed later under Settings,
        dated, with what it was before.
      </p>
      <fieldset>
        <legend>The workshop</legend>
        <TextInput
          labelText="What is it called"
          placeholder="as it should stand on cards and records"
          bind:value={typed.name}
          maxlength={100}
          autocomplete="organization"
          invalid={nameTrouble !== ''}
          invalidText={nameTrouble}
        />
        <Select labelText="Torques are read in" bind:selected={typed.unit}>
          {#each here.units as unit (unit.code)}
            <SelectItem value={unit.code} text={unit.sign} />
          {/each}
        </Select>
        <Select
          labelText="Its days are those of"
          bind:selected={typed.zone}
          invalid={at('zone') !== ''}
          invalidText={at('zone')}
        >
          {#each choices.zones as zone (zone)}<SelectItem value={zone} text={zone} />{/each}
        </Select>
        <Select
          labelText="Who works here"
          bind:selected={typed.alone}
          helperText={typed.alone === 'yes'
            ? 'The second look at critical joints is then yours again after 30 minutes; the record says so.'
            : 'The second look at critical joints is then another person’s, with name and PIN.'}
        >
          <SelectItem value="no" text="several people" />
          <SelectItem value="yes" text="one person" />
        </Select>
        <Select
          labelText="Within a stated band, aim at"
          bind:selected={typed.aim}
          helperText="The middle covers the error of the tool both ways. Carbon, plastic and soft threads never aim at the upper third."
        >
          {#each choices.aims as aim (aim.code)}
            <SelectItem value={aim.code} text={aim.words} />
          {/each}
        </Select>
      </fieldset>
      <fieldset>
        <legend>The first lead</legend>
        <TextInput
          labelText="Your name"
          bind:value={typed.lead}
          maxlength={100}
          autocomplete="username"
          invalid={leadTrouble !== ''}
          invalidText={leadTrouble}
        />
        <PasswordInput
          tooltipAlignment="end"
          labelText="A password, 10 characters or more"
          bind:value={password}
          autocomplete="new-password"
          invalid={at('password') !== ''}
          invalidText={at('password')}
        />
        <PasswordInput
          tooltipAlignment="end"
          labelText="A PIN of 4 to 8 digits, to sign on another’s tablet"
          bind:value={pin}
          autocomplete="off"
          inputmode="numeric"
          invalid={at('pin') !== ''}
          invalidText={at('pin')}
        />
        <TextInput
          labelText="The key shown where the workshop was started"
          bind:value={typed.key}
          autocomplete="off"
          invalid={at('key') !== ''}
          invalidText={at('key')}
        />
      </fieldset>
      {#if trouble}<TroubleNote {trouble} />{/if}
      <Button type="submit" disabled={sending.busy}>
        {sending.busy ? 'Beginning …' : 'Begin'}
      </Button>
      <p class="soft">
        The maker’s manual for the exact model and year governs; Unimetric computes and records. It
        replaces neither the manual nor local law, nor a licensed technician where one is required.
      </p>
    </form>
  {/snippet}
</Loaded>

<style>
  form {
    display: grid;
    gap: 1rem;
    max-width: 56rem;
  }
  fieldset {
    border: 0;
    border-top: 1px solid var(--hairline);
    padding: 0.75rem 0 0;
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(16rem, 1fr));
    gap: 1rem;
    align-items: start;
  }
  form > :global(.bx--btn) {
    justify-self: start;
  }
  legend {
    font-weight: 600;
    font-size: 0.8125rem;
    color: var(--ink-soft);
    padding-right: 0.5rem;
  }
</style>
