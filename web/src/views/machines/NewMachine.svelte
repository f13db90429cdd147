<script lang="ts">
  import { Button, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import { untrack } from 'svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { keep, kept } from '../../api/drafts';
  import { here } from '../../api/session.svelte';
  import { Submission } from '../../api/submission.svelte';
  import { navigate } from '../../router';
  import TroubleNote from '../../shell/TroubleNote.svelte';

  type Kind = Schemas['NewMachine']['kind'];
  type Meter = Schemas['NewMachine']['meter'];
  interface Props {
    /** The machine that is changed; a new one without it. */
    machine?: Schemas['Machine'];
    taken?: (page: Schemas['MachinePage']) => void;
  }
  let { machine, taken }: Props = $props();
  const DRAFT = untrack(() => (machine ? `machine.${machine.id}` : 'machine'));
  const FRESH = {
    name: '',
    kind: 'MOTORCYCLE' as Kind,
    make: '',
    model: '',
    modelYear: '',
    variant: '',
    frameNumber: '',
    registration: '',
    owner: '',
    meter: 'KM' as Meter,
    note: '',
  };
  const KNOWN = untrack(() => machine && { ...machine, modelYear: String(machine.modelYear) });
  let typed = $state({
    ...FRESH,
    ...KNOWN,
    ...(JSON.parse(kept(DRAFT) || '{}') as Partial<typeof FRESH>),
  });
  $effect(() => keep(DRAFT, JSON.stringify(typed)));
  const sending = new Submission();
  const FIELDS = [
    'name',
    'make',
    'model',
    'modelYear',
    'variant',
    'frameNumber',
    'registration',
    'owner',
    'note',
  ] as const;
  const at = (field: (typeof FIELDS)[number]) => sending.at(new RegExp(`^${field}$`));
  const trouble = $derived(sending.besides(...FIELDS.map((f) => new RegExp(`^${f}$`))));

  async function send(e: SubmitEvent) {
    e.preventDefault();
    await sending.send(
      typed,
      async (id) => {
        const body = {
          id,
          name: typed.name,
          kind: typed.kind,
          make: typed.make,
          model: typed.model,
          modelYear: Number(typed.modelYear) || 0,
          variant: typed.variant,
          frameNumber: typed.frameNumber,
          registration: typed.registration,
          owner: typed.owner,
          meter: typed.meter,
          note: typed.note,
        };
        if (machine) {
          return ask(
            api.POST('/api/machines/{id}', {
              params: { path: { id: machine.id } },
              body: { version: machine.version, machine: body },
            }),
          );
        }
        const added = await ask(api.POST('/api/machines', { body }));
        return ask(api.GET('/api/machines/{id}', { params: { path: { id: added.id } } }));
      },
      (page) => {
        keep(DRAFT, '');
        if (taken) taken(page);
        else void navigate('/machines/:id', { params: { id: page.machine.id } });
      },
    );
  }
</script>

{#snippet field(name: (typeof FIELDS)[number], label: string, hint: string)}
  <TextInput
    labelText={label}
    placeholder={hint}
    bind:value={typed[name]}
    maxlength={name === 'note' || name === 'owner' ? 200 : 60}
    inputmode={name === 'modelYear' ? 'numeric' : 'text'}
    autocomplete="off"
    invalid={at(name) !== ''}
    invalidText={at(name)}
  />
{/snippet}

<form onsubmit={send} aria-label={machine ? 'Change this machine' : 'A new machine'}>
  {@render field('name', 'What you call it', 'Patrol 5')}
  <Select labelText="It is" bind:selected={typed.kind}>
    <SelectItem value="MOTORCYCLE" text="a motorcycle" />
    <SelectItem value="ATV" text="an ATV" />
    <SelectItem value="BICYCLE" text="a bicycle" />
  </Select>
  {@render field('make', 'Make', 'as on its plate')}
  {@render field('model', 'Model', 'as on its plate')}
  {@render field('modelYear', 'Model year', '2024')}
  {@render field('variant', 'Variant, where there are several', '')}
  {@render field('frameNumber', 'Frame number', '')}
  {@render field('registration', 'Number plate', '')}
  <Select labelText="Its meter counts" bind:selected={typed.meter}>
    {#each here.meters as meter (meter.code)}
      <SelectItem value={meter.code} text={meter.counts} />
    {/each}
  </Select>
  {@render field('owner', 'Owner', '')}
  {@render field('note', 'Where it stands', '')}
  <Button type="submit" size="field" disabled={sending.busy}>
    {machine ? (sending.busy ? 'Changing …' : 'Change it') : sending.busy ? 'Adding …' : 'Add it'}
  </Button>
</form>
{#if trouble}<TroubleNote {trouble} />{/if}

<style>
  form {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(12rem, 1fr));
    gap: 0.75rem;
    align-items: end;
    padding-bottom: 1rem;
  }
</style>
