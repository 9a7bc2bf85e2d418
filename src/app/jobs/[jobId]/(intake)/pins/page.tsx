import { PinsScreen } from "@/screens/pins/pins-screen";

export default function Page() {
  return <PinsScreen />;
}
