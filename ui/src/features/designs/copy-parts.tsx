import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from '../../controls/button';
import { Menu } from '../../controls/menu';
import { reads } from '../../server/reads';
import type { Design } from '../../server/types';

/** Chooses a design whose parts are copied; the others are read only when the menu is open. */
export function CopyParts({ onCopy }: { onCopy: (from: Design) => void }) {
  const [open, setOpen] = useState(false);
  const { data: designs = [] } = useQuery({
    ...reads.designs,
    enabled: open,
  });
  return (
    <Menu
      align="start"
      trigger={<Button kind="quiet">Copy the parts of ▾</Button>}
      items={designs.map(({ id, design }) => ({ value: String(id), label: design.name }))}
      onOpenChange={setOpen}
      onChoose={(id) => {
        const from = designs.find((one) => one.id === Number(id));
        if (from) onCopy(from.design);
      }}
    />
  );
}
