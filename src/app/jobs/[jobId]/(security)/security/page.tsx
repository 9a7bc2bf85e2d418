import { SecurityScreen } from "@/screens/security/security-screen";

export default function Page() {
  return <SecurityScreen />;
}
