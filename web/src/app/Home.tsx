import { Navigate } from 'react-router';
import { useKitchen } from '../api/kitchen';
import { Bones } from '../ui/Pending';

/** A kitchen without a pot or a burner begins with the questions, any other with its day. */
export function Home() {
  const { data, isPending } = useKitchen();
  if (isPending) return <Bones />;
  const isNew = data && data.vessels.length + data.heatSources.length === 0;
  return <Navigate to={isNew ? '/begin' : '/today'} replace />;
}
