/** Whether the window is as narrow as a phone's: there, what is worked on is made large. */
export const isPhone = () => window.innerWidth < 700;
