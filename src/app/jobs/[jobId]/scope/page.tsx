import { ScopeScreen } from "@/screens/scope/scope-screen";

export default function Page() {
  return <ScopeScreen />;
}
