import { CalibrationScreen } from "@/screens/security/calibration-screen";

export default function Page() {
  return <CalibrationScreen />;
}
