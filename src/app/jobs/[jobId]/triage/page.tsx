import { TriageScreen } from "@/screens/triage/triage-screen";

export default function Page() {
  return <TriageScreen />;
}
