// At the first visit: the zone of whoever sits there is most likely the school's.
const zones = document.querySelector('[data-own-zone]');
const { timeZone } = new Intl.DateTimeFormat().resolvedOptions();
if (zones && !zones.querySelector('[selected]') && [...zones.options].some((one) => one.value === timeZone))
    zones.value = timeZone;
