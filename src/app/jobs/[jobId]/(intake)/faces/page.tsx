import { FacesScreen } from "@/screens/intake/faces-screen";

export default function Page() {
  return <FacesScreen />;
}
