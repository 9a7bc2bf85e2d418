import { MovesScreen } from "@/screens/moves/moves-screen";

export default function Page() {
  return <MovesScreen />;
}
