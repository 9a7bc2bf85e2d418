import { CircuitScreen } from "@/screens/diagram/circuit-screen";

export default function Page() {
  return <CircuitScreen />;
}
