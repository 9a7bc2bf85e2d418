import { ConfusableScreen } from "@/screens/intake/confusable-screen";

export default function Page() {
  return <ConfusableScreen />;
}
