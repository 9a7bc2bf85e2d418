import { HarnessScreen } from "@/screens/intake/harness-screen";

export default function Page() {
  return <HarnessScreen />;
}
