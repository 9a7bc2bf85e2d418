export const GearboxScreen = () => null;
