import { figuresAcross } from '@ample-bolt/core/lay/fold/on-figures';
import type { Cloth } from '@ample-bolt/core/lay/model/cloth';
import type { Lay } from '@ample-bolt/core/lay/model/lay';
import { ringText } from '../../../canvas/path-text.ts';
import { Double, PanelOnCloth } from './ClothMarks.tsx';
import { onTable, RULER, sectionsShown, type TableView } from './table-view.ts';

/** Where across the cloth figures of its print lie, mm. */
function acrossAt(cloth: Cloth): number[] {
  const figures = figuresAcross(cloth);
  if (!figures) return [];
  const first = figures.at - figures.repeat * Math.floor(figures.at / figures.repeat);
  return Array.from(
    { length: Math.ceil((cloth.width - first) / figures.repeat) },
    (_, index) => first + index * figures.repeat,
  );
}

interface SpreadProps {
  readonly lay: Lay;
  readonly cloth: Cloth;
  /** Where along the cloth the print comes again that is matched, mm. */
  readonly figures: readonly number[];
  readonly table: TableView;
}

/** The cloth itself: where it lies double, its flaws, its print and panels, and its usable edges. */
export function Spread({ lay, cloth, figures, table }: SpreadProps) {
  const { x, y, scale, shown, colour } = table;
  return (
    <>
      {cloth.outline ? (
        <path d={ringText(cloth.outline)} transform={onTable(scale)} fill={cloth.colour} />
      ) : (
        <rect
          x={0}
          y={RULER}
          width={x(cloth.length ?? shown)}
          height={lay.width * scale}
          fill={cloth.colour}
        />
      )}
      {sectionsShown(lay, shown).flatMap(({ doubled, fold, from: start, end }) =>
        fold === 'open'
          ? []
          : doubled.map(([from, to], index) => (
              <Double
                key={`${start} ${from}`}
                left={x(start)}
                top={y(from)}
                height={(to - from) * scale}
                width={x(end - start)}
                said={x(shown)}
                colour={colour}
                whole={fold !== 'width' && fold !== 'two'}
                named={index === 0}
              />
            )),
      )}
      {(cloth.flaws ?? []).map(({ from, to, left, right }) => (
        <g key={`${from} ${left}`}>
          <rect
            x={x(from)}
            y={y(left)}
            width={x(to - from)}
            height={(right - left) * scale}
            fill="var(--color-madder)"
            fillOpacity="0.55"
            stroke={colour}
            strokeDasharray="3 3"
          />
          <title>Flaw: nothing is laid here</title>
        </g>
      ))}
      {figures.map((at) => (
        <path key={at} d={`M${x(at)} ${RULER}V${y(lay.width)}`} stroke={colour} opacity="0.35" />
      ))}
      {acrossAt(cloth).map((at) => (
        <path key={at} d={`M0 ${y(at)}H${x(shown)}`} stroke={colour} opacity="0.35" />
      ))}
      {(cloth.panels ?? []).map((panel) => (
        <PanelOnCloth key={`${panel.from} ${panel.left}`} panel={panel} x={x} y={y} colour={colour} />
      ))}
      {[lay.usable[0], lay.usable[1]].map((edge) => (
        <path
          key={edge}
          d={`M0 ${y(edge)}H${x(shown)}`}
          stroke={colour}
          strokeDasharray="2 4"
          opacity="0.6"
        />
      ))}
    </>
  );
}
