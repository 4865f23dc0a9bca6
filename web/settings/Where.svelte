<script lang="ts">
    /** On which clock and in which country: proposed as this machine is set, and seen. */
    import { say } from '../lib/say';
    import { Label, Select } from '../lib/controls';

    interface Props {
        zones: { name: string; country: string }[];
        zone: string;
        country: string;
        errors: Record<string, string>;
    }
    let { zones, zone = $bindable(), country = $bindable(), errors }: Props = $props();

    const countryOf = (name: string) => zones.find((one) => one.name === name)?.country ?? '';
    const here = Intl.DateTimeFormat().resolvedOptions().timeZone;
    // svelte-ignore state_referenced_locally -- the zones stay the same
    if (zone === '' && zones.some((one) => one.name === here)) {
        zone = here;
        country = countryOf(here);
    }
    const names = new Intl.DisplayNames(document.documentElement.lang, { type: 'region' });
    // svelte-ignore state_referenced_locally -- the zones stay the same
    const countries = [...new Set(zones.map((one) => one.country).filter(Boolean))]
        .map((code) => ({ code, name: names.of(code) ?? code }))
        .sort((a, b) => a.name.localeCompare(b.name));
</script>

<div>
    <Label for="zone">{say('settings.time_zone')}</Label>
    <Select
        id="zone"
        class="w-full"
        placeholder={say('settings.choose_one')}
        bind:value={zone}
        aria-invalid={errors.zone ? 'true' : undefined}
        onchange={() => (country = countryOf(zone) || country)}
    >
        {#each zones as one (one.name)}<option value={one.name}>{one.name}</option>{/each}
    </Select>
    {#if errors.zone}<p class="mt-1 font-semibold text-brick">{errors.zone}</p>{/if}
</div>
<div>
    <Label for="country">{say('settings.country')}</Label>
    <Select
        id="country"
        class="w-full"
        placeholder={say('settings.choose_one')}
        bind:value={country}
        aria-invalid={errors.country ? 'true' : undefined}
    >
        {#each countries as one (one.code)}<option value={one.code}>{one.name}</option>{/each}
    </Select>
    <p class="mt-1 text-faint">{say('settings.country_help')}</p>
    {#if errors.country}<p class="mt-1 font-semibold text-brick">{errors.country}</p>{/if}
</div>
