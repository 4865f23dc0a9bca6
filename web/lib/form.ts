/** What sending a form does here, in place of the browser's own way. */
export const onSent =
    (act: () => unknown) =>
    (event: SubmitEvent): void => {
        event.preventDefault();
        act();
    };
