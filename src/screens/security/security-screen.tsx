export const SecurityScreen = () => null;
