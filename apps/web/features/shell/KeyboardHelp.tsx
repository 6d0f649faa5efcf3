import { useRouter } from 'expo-router';
import { useEffect, useState } from 'react';
import { Sheet } from '@/ui/Sheet';
import { KeyList } from '@/features/shared/keys/KeyList';
import { isTyping } from '@/features/shared/screen/keys';
import { PLACES } from '@/features/shared/tabs/places';

/** The keys that work everywhere; `?` lists them. */
export function KeyboardHelp() {
  const [open, setOpen] = useState(false);
  const router = useRouter();
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (isTyping(event.target) || event.ctrlKey || event.metaKey || event.altKey) return;
      const place = PLACES[Number(event.key) - 1];
      if (event.key === '?') setOpen(true);
      else if (event.key === '/') {
        event.preventDefault();
        router.navigate('/search');
      } else if (place) router.navigate(place.href);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [router]);
  return (
    <Sheet title="Keys and gestures" open={open} onClose={() => setOpen(false)}>
      <KeyList />
    </Sheet>
  );
}
