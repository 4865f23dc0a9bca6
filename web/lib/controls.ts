/** The controls of staff pages, imported one by one so that bundles stay small. All are themed in lib/theme.ts. */
export { default as Alert } from 'flowbite-svelte/Alert.svelte';
export { default as Badge } from 'flowbite-svelte/Badge.svelte';
export { default as Button } from 'flowbite-svelte/Button.svelte';
export { default as Checkbox } from 'flowbite-svelte/Checkbox.svelte';
export { default as Fileupload } from 'flowbite-svelte/Fileupload.svelte';
export { default as Helper } from 'flowbite-svelte/Helper.svelte';
export { default as Input } from '../controls/Typed.svelte';
export { default as Label } from 'flowbite-svelte/Label.svelte';
export { default as Modal } from '../controls/Modal.svelte';
export { default as Progressbar } from 'flowbite-svelte/Progressbar.svelte';
export { default as Radio } from 'flowbite-svelte/Radio.svelte';
export { default as Select } from 'flowbite-svelte/Select.svelte';
export { default as Textarea } from 'flowbite-svelte/Textarea.svelte';
export { default as Toast } from 'flowbite-svelte/Toast.svelte';
