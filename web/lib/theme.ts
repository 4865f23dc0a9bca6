import type { ThemeConfig } from 'flowbite-svelte';

/**
 * How the library's controls look here: their shapes. Their colours are the tokens of app.css, given to its palette in
 * staff.css, so that light and dark come from one place.
 */
export const theme: ThemeConfig = {
    button: {
        base: 'min-h-10 rounded-md border-[1.5px] px-4 py-1.5 text-base font-semibold no-underline cursor-pointer',
    },
    input: {
        base: 'w-auto',
        input: 'min-h-10 rounded-md px-3 py-1 text-base placeholder:text-faint placeholder:italic',
    },
    select: { base: 'w-auto', select: 'min-h-10 rounded-md py-1 ps-3 pe-9 text-base' },
    textarea: { base: 'text-base', wrapper: 'rounded-md bg-gray-50 px-3 py-1.5 text-base' },
    checkbox: { base: 'size-5 border-gray-300 bg-gray-50', div: 'min-h-10 text-base font-normal' },
    // Its distance to its words is to the right, whichever way one reads.
    radio: { input: 'size-5 border-gray-300 bg-gray-50 rtl:mr-0 rtl:ml-2', label: 'min-h-10 text-base font-normal' },
    fileupload: { base: 'min-h-10 max-w-full rounded-md text-base' },
    label: 'mb-1 text-base font-semibold',
    helper: 'text-[0.94rem]',
    badge: { base: 'rounded-md px-2 py-0 text-[0.9rem]' },
    alert: 'rounded-none border-s-4 border-primary-500 bg-transparent px-3 py-1 text-base',
    modal: {
        base: 'rounded-md border border-gray-200',
        header: 'p-4',
        body: 'p-4 text-base text-gray-900',
        footer: 'flex-wrap p-4',
    },
    toast: { base: 'max-w-md rounded-md border border-gray-300 text-base text-gray-900', content: 'text-base' },
};
