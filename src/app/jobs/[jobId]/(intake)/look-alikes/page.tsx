import { LookAlikesScreen } from "@/screens/intake/look-alikes-screen";

export default function Page() {
  return <LookAlikesScreen />;
}
