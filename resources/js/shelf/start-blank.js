/** A worksheet from nothing: the fields of paper of one's own show when they are wanted. */
export const startBlank = () => ({
    init() {
        const paper = this.$el.querySelector('[data-paper]');
        const show = () => {
            this.$el.querySelector('[data-own]').hidden = paper.value !== 'own';
            this.$el.querySelector('[data-way]').disabled = paper.value === 'own';
        };
        paper.addEventListener('change', show);
        show();
    },
});
