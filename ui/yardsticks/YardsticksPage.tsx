'use client';

import '../format/placesWords';
import { ChoiceField } from '../kit/ChoiceField';
import { useRouter, useSearchParams } from 'next/navigation';
import { useMemo, useState, type ReactNode } from 'react';
import { SOURCES } from '../../core/kernel/sources';
import { isHouse } from '../../core/catalog/packs/house';
import type { Pack } from '../../core/catalog/packs/pack';
import { NEWEST_PACKS, SHIPPED_PACK } from '../../core/catalog/packs/shipped';
import { valuesOf } from '../../core/catalog/packs/values';
import { readPack, writePack, type ReadPack } from '../../files/packJson';
import type { PackRow } from '../../store/db';
import { bringInPacks, putPack, removePack, type PackBroughtIn } from '../../store/packs';
import { download, fileName } from '../files/download';
import { FilePick } from '../files/FilePick';
import { FileFaults } from '../files/FileFaults';
import { text } from '../format/text';
import { Button } from '../kit/Button';
import { StepHead } from '../kit/Section';
import { Compare } from './Compare';
import { PackEditor } from './PackEditor';
import { PackList } from './PackList';
import { packName } from '../packs/packName';
import { copied, findPack, packKey, packTitle, useHousePacks } from '../packs/packs';
import { PackValues } from './PackValues';

type View = Readonly<Record<'pack' | 'beside' | 'plant' | 'case' | 'area' | 'edit', string | null>>;

/** What the address says of the screen, and how to say something else. */
function useView(): [View, (change: Partial<View>) => void] {
  const params = useSearchParams();
  const router = useRouter();
  const view: View = {
    pack: params.get('pack'),
    beside: params.get('beside'),
    plant: params.get('plant'),
    case: params.get('case'),
    area: params.get('area'),
    edit: params.get('edit'),
  };
  const show = (change: Partial<View>): void => {
    const told = Object.entries({ ...view, ...change }).filter(
      (entry): entry is [string, string] => entry[1] !== null,
    );
    router.replace(`/yardsticks?${new URLSearchParams(told).toString()}`, { scroll: false });
  };
  return [view, show];
}

/** What became of the last file or act, until the next. */
type Told =
  | { readonly kind: 'in'; readonly name: string; readonly what: PackBroughtIn }
  | { readonly kind: 'removed'; readonly row: PackRow }
  | (Extract<ReadPack, { kind: 'refused' }> & { readonly name: string });

function Outcome({ told, undo }: { told: Told; undo: (row: PackRow) => void }): ReactNode {
  if (told.kind === 'refused') return <FileFaults name={told.name} faults={told.faults} />;
  if (told.kind === 'in') return <p>{text(`yardsticks.in.${told.what}`, { name: told.name })}</p>;
  return (
    <p>
      {text('yardsticks.removed', { name: packName(told.row.pack) })}{' '}
      <Button look="quiet" onClick={() => undo(told.row)}>
        {text('yardsticks.undo')}
      </Button>
    </p>
  );
}

/** Where a pack as a whole is from. */
function From({ pack }: { pack: Pack }): ReactNode {
  const { copiedFrom } = pack;
  return (
    <p className="max-w-3xl">
      {copiedFrom && `${text('yardsticks.copiedFrom', { pack: packTitle(copiedFrom) })} `}
      {SOURCES[pack.source].citation}
    </p>
  );
}

interface ActsProps {
  readonly pack: Pack;
  readonly view: View;
  readonly show: (change: Partial<View>) => void;
  readonly others: readonly Pack[];
  readonly copy: () => void;
  readonly remove: () => void;
}

/** What can be done with the chosen pack. */
function Acts({ pack, view, show, others, copy, remove }: ActsProps): ReactNode {
  return (
    <div className="flex flex-wrap items-end gap-x-3 gap-y-2 pb-3">
      <ChoiceField
        label={text('yardsticks.beside')}
        value={view.beside ?? ''}
        options={[
          { value: '', words: text('yardsticks.alone') },
          ...others.map((each) => ({ value: packKey(each), words: packTitle(each) })),
        ]}
        onChoose={(key) => show({ beside: key === '' ? null : key, edit: null })}
      />
      {isHouse(pack) && view.edit === null && (
        <Button onClick={() => show({ edit: 'yes', beside: null })}>
          {text('yardsticks.edit')}
        </Button>
      )}
      {view.edit !== null && (
        <Button onClick={() => show({ edit: null })}>{text('yardsticks.view')}</Button>
      )}
      <Button onClick={copy}>{text('yardsticks.copy')}</Button>
      <Button
        onClick={() =>
          download(
            `${fileName(packTitle(pack), 'pack')}.agrologos-pack.json`,
            [writePack(pack)],
            'application/json',
          )
        }
      >
        {text('yardsticks.export')}
      </Button>
      {isHouse(pack) && (
        <Button look="quiet" className="ml-auto" onClick={remove}>
          {text('yardsticks.remove')}
        </Button>
      )}
    </div>
  );
}

function Chosen({
  pack,
  row,
  beside,
  view,
  show,
}: {
  pack: Pack;
  row: PackRow | undefined;
  beside: Pack | undefined;
  view: View;
  show: ActsProps['show'];
}): ReactNode {
  const packs = useMemo(() => (beside ? [pack, beside] : [pack]), [pack, beside]);
  if (row && view.edit !== null) {
    return (
      <PackEditor
        key={packKey(pack)}
        row={row}
        onStored={(stored) => show({ pack: packKey(stored), edit: null })}
      />
    );
  }
  if (beside || view.case !== null) {
    return (
      <Compare
        packs={packs}
        plant={view.plant ?? ''}
        setPlant={(plant) => show({ plant })}
        caseId={view.case}
        areaId={view.area}
      />
    );
  }
  return <PackValues columns={[{ title: packTitle(pack), rows: valuesOf(pack) }]} />;
}

/** The guideline packs: each value with where it is printed, two beside one another, the house's own. */
export function YardsticksPage(): ReactNode {
  const stored = useHousePacks();
  const [view, show] = useView();
  const [told, setTold] = useState<Told>();
  if (!stored) return <main aria-busy="true" />;
  const house = stored.map(({ pack }) => pack);
  const pack = findPack(view.pack, stored) ?? SHIPPED_PACK;
  const beside = findPack(view.beside, stored);
  const row = stored.find((each) => each.id === pack.id);
  const copy = async (): Promise<void> => {
    const own = copied(pack);
    await putPack({ id: own.id, pack: own, draft: {} });
    show({ pack: packKey(own), beside: null, edit: 'yes' });
  };
  const remove = async (): Promise<void> => {
    const gone = await removePack(pack.id);
    if (!gone) return;
    setTold({ kind: 'removed', row: gone });
    show({ pack: null, beside: null, edit: null });
  };
  const bringIn = async (file: File): Promise<void> => {
    const read = readPack(await file.text());
    if (read.kind === 'refused') return setTold({ ...read, name: file.name });
    const copyOf = (each: Pack): Pack =>
      copied(each, text('yardsticks.fromFile', { pack: packName(each) }));
    const [done] = await bringInPacks([read.pack], copyOf);
    if (!done) return;
    setTold({ kind: 'in', name: packName(read.pack), what: done.what });
    const version = done.what === 'copied' ? 1 : read.pack.version;
    show({ pack: packKey({ id: done.id, version }), beside: null, edit: null });
  };
  return (
    <main className="min-h-[calc(100vh-2.75rem)] bg-sheet px-6 py-4">
      <StepHead
        title={text('yardsticks.title')}
        below={text('yardsticks.help')}
        act={
          <FilePick
            label={text('yardsticks.import')}
            accept=".json,application/json"
            onFile={(file) => void bringIn(file)}
          />
        }
      />
      {told && (
        <div role="status" className="mb-3 max-w-3xl">
          <Outcome
            told={told}
            undo={(gone) => {
              setTold(undefined);
              void putPack(gone).then(() => show({ pack: packKey(gone.pack) }));
            }}
          />
        </div>
      )}
      <div className="grid gap-x-6 gap-y-4 rail:grid-cols-[15rem_minmax(0,1fr)]">
        <PackList
          house={stored}
          chosen={packKey(pack)}
          choose={(key) => show({ pack: key, edit: null })}
        />
        <div className="min-w-0">
          <h2 className="font-serif text-decision font-semibold">{packTitle(pack)}</h2>
          <div className="pt-0.5 pb-3 text-ink-2">
            <From pack={pack} />
          </div>
          <Acts
            pack={pack}
            view={view}
            show={show}
            others={[...NEWEST_PACKS, ...house].filter((each) => packKey(each) !== packKey(pack))}
            copy={() => void copy()}
            remove={() => void remove()}
          />
          <Chosen pack={pack} row={row} beside={beside} view={view} show={show} />
        </div>
      </div>
    </main>
  );
}
