export const MovesScreen = () => null;
