const EARLY = '300px'; // how far outside the window a page is asked for

/**
 * Pages in small, as they are with all that lies on them: each is asked for when it comes to sight, at an address that
 * is another for each revision, so that the browser keeps it. Until then its print stands there.
 *
 * They lie in roots of their own, closed: what looks for the elements of a page finds those that can be worked on.
 */
class SmallPages {
    #roots = new WeakMap();
    #styles = null;
    #seen = new IntersectionObserver(
        (entries) =>
            entries.forEach(({ isIntersecting, target }) => {
                if (!isIntersecting) return;
                this.#seen.unobserve(target);
                this.#show(target);
            }),
        { rootMargin: EARLY },
    );

    watch(root) {
        root.querySelectorAll('[data-small]').forEach((host) => this.#seen.observe(host));
    }

    /** A page has another revision: it is drawn anew, if anybody looks. */
    now(host, address) {
        if (host.dataset.small === address) return;
        host.dataset.small = address;
        this.#seen.observe(host);
    }

    async #show(host) {
        const address = host.dataset.small;
        const drawn = await fetch(address).catch(() => null);
        if (!drawn?.ok || host.dataset.small !== address) return;
        const root = this.#roots.get(host) ?? host.attachShadow({ mode: 'closed' });
        this.#roots.set(host, root);
        root.adoptedStyleSheets = [(this.#styles ??= ofThisPage())];
        root.innerHTML = await drawn.text();
        const { width, height } = root.querySelector('.sheet__layer').dataset;
        host.style.setProperty('--ratio', Number(width) / Number(height));
    }
}

/** The style sheets of this page as one that a closed root can take. */
function ofThisPage() {
    const styles = new CSSStyleSheet();
    const rules = [...document.styleSheets].flatMap((sheet) => [...sheet.cssRules]);
    styles.replaceSync(rules.map((rule) => rule.cssText).join(''));
    return styles;
}

export const smallPages = new SmallPages();
