import { TypeInScreen } from "@/screens/type-in/type-in-screen";

export default function Page() {
  return <TypeInScreen />;
}
