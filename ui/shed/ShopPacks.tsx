'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import { nanoid } from 'nanoid';
import type { ReactNode } from 'react';
import { NO_STOCK, type Stock } from '../../core/casefile/parts/stock';
import { own } from '../../core/kernel/typed/own';
import { changeOffice, readOffice } from '../../store/office';
import { text } from '../format/text';
import { Button } from '../kit/Button';
import { ChoiceField } from '../kit/ChoiceField';
import { DraftField } from '../kit/DraftField';

/** Changes what the office knows of a material; what it knows nothing of is left out. */
function change(id: string, made: (stock: Stock) => Stock): void {
  void changeOffice(({ stock }) => {
    const { [id]: before = NO_STOCK, ...others } = stock;
    const after = made(before);
    const isKnown =
      after.onHand.trim() !== '' || after.had !== '' || Object.keys(after.packs).length > 0;
    return { stock: isKnown ? { ...others, [id]: after } : others };
  });
}

/** What lies in the office, whether the shops around have a material, and in which packs at what price: new cases begin with it. */
export function ShopPacks({ id, name }: { id: string; name: string }): ReactNode {
  const office = useLiveQuery(() => readOffice());
  if (!office) return null;
  const stock = own(office.stock, id) ?? NO_STOCK;
  const pack = (packId: string, typed: { pounds?: string; price?: string }): void =>
    change(id, (before) => {
      const there = own(before.packs, packId) ?? { id: packId, pounds: '', price: '' };
      return { ...before, packs: { ...before.packs, [packId]: { ...there, ...typed } } };
    });
  return (
    <div className="mb-3 flex flex-wrap items-end gap-x-5 gap-y-2">
      <ChoiceField
        label={text('shed.shops')}
        value={stock.had}
        options={(['', 'yes', 'no'] as const).map((value) => ({
          value,
          words: text(`buy.had.${value || 'unsaid'}`),
        }))}
        onChoose={(value) => change(id, (before) => ({ ...before, had: value as Stock['had'] }))}
      />
      <DraftField
        label={text('shed.onHand')}
        value={stock.onHand}
        onChange={(onHand) => change(id, (before) => ({ ...before, onHand }))}
        className="w-24"
      />
      {Object.values(stock.packs).map((each) => (
        <span key={each.id} className="inline-flex items-end gap-2">
          <DraftField
            label={text('shed.packPounds')}
            value={each.pounds}
            onChange={(pounds) => pack(each.id, { pounds })}
            className="w-20"
          />
          <DraftField
            label={text('shed.packPrice')}
            value={each.price}
            onChange={(price) => pack(each.id, { price })}
            className="w-20"
          />
          <Button
            look="quiet"
            aria-label={text('buy.removePack', { material: name })}
            onClick={() =>
              change(id, (before) => {
                const { [each.id]: _gone, ...others } = before.packs;
                return { ...before, packs: others };
              })
            }
          >
            {text('buy.less')}
          </Button>
        </span>
      ))}
      <Button
        look="quiet"
        aria-label={text('buy.addPackOf', { material: name })}
        onClick={() => pack(nanoid(8), {})}
      >
        {text('buy.addPack')}
      </Button>
    </div>
  );
}
