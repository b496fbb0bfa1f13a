'use client';

import type { ReactNode } from 'react';
import type { Answer } from '../../../core/buy/answer';
import { NUTRIENTS } from '../../../core/catalog/nutrients';
import { quantity } from '../../../core/kernel/units/quantity';
import { areaName } from '../../format/areaName';
import { materialWords } from '../../format/materialWords';
import { quantityText } from '../../format/quantity';
import { text } from '../../format/text';
import { Button } from '../../kit/Button';
import { useCase } from '../context/caseContext';

/** What is off by less than this is met, lb/1000 ft²: nobody spreads nearer. */
const MET = 0.02;

function pounds(value: number): string {
  return quantityText(quantity(value, 'lb', 'product'));
}

/** What a way is best at, in few words. */
function headOf({ kinds }: Answer): string {
  return kinds.map((kind) => text(`buy.kind.${kind}`)).join(text('buy.and'));
}

/** Of each nutrient where it is farthest off, short and over. */
function worstOf({ misfits }: Answer): Answer['misfits'] {
  return NUTRIENTS.flatMap((nutrient) =>
    [-1, 1].flatMap((way) => {
      const [first] = misfits
        .filter((misfit) => misfit.nutrient === nutrient && misfit.off * way >= MET)
        .sort((a, b) => (b.off - a.off) * way);
      return first ? [first] : [];
    }),
  );
}

interface ColumnProps {
  readonly answer: Answer;
  readonly chosen: boolean;
  readonly onTake: () => void;
}

function Column({ answer, chosen, onTake }: ColumnProps): ReactNode {
  const { plan } = useCase();
  const worst = worstOf(answer);
  const nameOf = (areaId: string): string => {
    const found = plan.areas.find(({ area }) => area.id === areaId);
    return found ? areaName(found) : areaId;
  };
  return (
    <article
      aria-label={headOf(answer)}
      className={`flex min-w-0 flex-col rounded border px-3 py-2 ${chosen ? 'border-spruce bg-spruce-wash' : 'border-rule bg-sheet'}`}
    >
      <h3 className="font-semibold first-letter:uppercase">{headOf(answer)}</h3>
      <p className="num mt-0.5">
        {answer.cost === undefined
          ? text('buy.carry', {
              amount: pounds(answer.products.reduce((sum, each) => sum + each.pounds, 0)),
            })
          : text('buy.costs', { cost: answer.cost.toFixed(2) })}
        {' · '}
        {text('buy.trips', { count: answer.trips })}
      </p>
      <ul className="mt-1.5 border-t border-rule-2 pt-1.5">
        {answer.products.map((product) => (
          <li key={product.material.id} className="pb-1">
            <span className="font-semibold">{materialWords(product.material)}</span>
            <span className="num block text-small">
              {product.packs.length === 0
                ? text('buy.fromShed')
                : product.packs
                    .map(({ pack, count }) =>
                      text('buy.packCount', { count, size: pounds(pack.lb) }),
                    )
                    .join(text('buy.and'))}
              {' · '}
              {text('buy.left', { amount: pounds(product.leftOver) })}
            </span>
            {answer.amounts
              .filter(({ material }) => material.id === product.material.id)
              .map((amount) => (
                <span key={amount.areaId} className="num block text-small text-ink-2">
                  {text('buy.onArea', {
                    area: nameOf(amount.areaId),
                    amount: pounds(amount.pounds),
                  })}
                </span>
              ))}
          </li>
        ))}
      </ul>
      <ul className="num border-t border-rule-2 pt-1.5 text-small text-ink-2">
        {worst.length === 0 && <li>{text('buy.allMet')}</li>}
        {worst.map(({ areaId, nutrient, off }) => (
          <li key={`${nutrient} ${off > 0}`}>
            {text(off > 0 ? 'buy.isOver' : 'buy.isShort', {
              area: nameOf(areaId),
              nutrient: text(`nutrient.${nutrient}`),
              rate: quantityText(quantity(Math.abs(off), 'lb/1000ft2', nutrient)),
            })}
          </li>
        ))}
        {answer.timedOut && <li className="text-madder">{text('buy.timedOut')}</li>}
      </ul>
      <span className="mt-auto pt-2">
        {chosen ? (
          <span className="inline-flex h-8 items-center font-semibold text-spruce">
            {text('buy.taken')}
          </span>
        ) : (
          <Button onClick={onTake}>{text('buy.take')}</Button>
        )}
      </span>
    </article>
  );
}

interface AnswersProps {
  readonly answers: readonly Answer[];
  readonly isChosen: (answer: Answer) => boolean;
  readonly onTake: (answer: Answer) => void;
}

/** The ways to buy, one beside the other. */
export function Answers({ answers, isChosen, onTake }: AnswersProps): ReactNode {
  return (
    <div className="mt-3 grid gap-3 [grid-template-columns:repeat(auto-fill,minmax(15rem,1fr))]">
      {answers.map((answer) => (
        <Column
          key={answer.kinds.join()}
          answer={answer}
          chosen={isChosen(answer)}
          onTake={() => onTake(answer)}
        />
      ))}
    </div>
  );
}
