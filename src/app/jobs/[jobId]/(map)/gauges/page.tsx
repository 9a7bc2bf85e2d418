import { GaugesScreen } from "@/screens/gauges/gauges-screen";

export default function Page() {
  return <GaugesScreen />;
}
