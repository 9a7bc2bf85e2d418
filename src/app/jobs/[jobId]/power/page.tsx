import { PowerScreen } from "@/screens/power/power-screen";

export default function Page() {
  return <PowerScreen />;
}
