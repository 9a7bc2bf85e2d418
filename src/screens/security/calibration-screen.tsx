export const CalibrationScreen = () => null;
