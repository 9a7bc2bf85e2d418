import { GearboxScreen } from "@/screens/gearbox/gearbox-screen";

export default function Page() {
  return <GearboxScreen />;
}
