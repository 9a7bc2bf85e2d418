import { EvidenceScreen } from "@/screens/intake/evidence-screen";

export default function Page() {
  return <EvidenceScreen />;
}
