import { ImportScreen } from "@/screens/import/import-screen";

export default function Page() {
  return <ImportScreen />;
}
