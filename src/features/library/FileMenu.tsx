'use client';
import { DropdownMenu } from 'radix-ui';
import { Button } from '@/ui/Button';
import { useFilePick } from '@/ui/useFilePick';

const ITEM =
  'cursor-pointer rounded-[3px] px-2.5 py-1.5 outline-none data-[disabled]:opacity-45 data-[highlighted]:bg-glaze data-[highlighted]:text-onglaze';

interface Props {
  own: number;
  shown: number;
  onOpen: (file: File) => void;
  onCsv: (all: boolean) => void;
  onJson: () => void;
}

/** Plants in from files, and out to them. */
export function FileMenu({ own, shown, onOpen, onCsv, onJson }: Props) {
  const [pick, field] = useFilePick('File of plants', '.csv,.txt,.tsv,.json,text/csv,application/json', onOpen);
  return (
    <>
      <DropdownMenu.Root modal={false}>
        <DropdownMenu.Trigger asChild>
          <Button>Files</Button>
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content
            align="end"
            sideOffset={4}
            className="z-30 min-w-60 rounded-[4px] border border-line bg-ground p-1"
          >
            <DropdownMenu.Item className={ITEM} onSelect={pick}>
              Add plants from CSV or JSON
            </DropdownMenu.Item>
            <DropdownMenu.Separator className="my-1 border-t border-line" />
            <DropdownMenu.Item className={ITEM} disabled={shown === 0} onSelect={() => onCsv(true)}>
              Save these {shown} plants as CSV
            </DropdownMenu.Item>
            <DropdownMenu.Item className={ITEM} disabled={own === 0} onSelect={() => onCsv(false)}>
              Save my plants as CSV
            </DropdownMenu.Item>
            <DropdownMenu.Item className={ITEM} disabled={own === 0} onSelect={onJson}>
              Save my plants as JSON, with photographs
            </DropdownMenu.Item>
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
      {field}
    </>
  );
}
