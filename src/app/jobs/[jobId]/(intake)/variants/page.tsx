import { VariantsScreen } from "@/screens/intake/variants-screen";

export default function Page() {
  return <VariantsScreen />;
}
