/** The Hand out form: opens up what a choice asks for. */
export const handOut = () => ({
    hidden: 0,
    init() {
        this.hidden = this.spare().length;
    },
    get canAdd() {
        return this.hidden > 0;
    },
    spare() {
        return [...this.$root.querySelectorAll('[data-more]')].filter((row) => row.hidden);
    },
    more() {
        const row = this.spare()[0];
        row.hidden = false;
        row.querySelector('select').focus();
        this.hidden = this.spare().length;
    },
    who(event) {
        const group = event.target.closest('[data-class]');
        group.querySelector('[data-names]').hidden = event.target.value !== 'chosen';
    },
});
