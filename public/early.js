// Presses on buttons that come before the scripts of the wall are kept, and done once these are there.
(() => {
    const presses = [];
    const keep = (event) => {
        const button = event.isTrusted && event.target instanceof Element ? event.target.closest('button') : null;
        if (!button || (button.form && button.type === 'submit')) return;
        event.preventDefault();
        event.stopImmediatePropagation();
        presses.push(button);
    };
    addEventListener('click', keep, true);
    addEventListener('wall-ready', () => {
        removeEventListener('click', keep, true);
        for (const button of presses) if (button.isConnected) button.click();
    }, { once: true });
})();
