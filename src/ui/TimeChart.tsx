'use client';
import {
  BarController,
  BarElement,
  CategoryScale,
  Chart,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  type ChartConfiguration,
} from 'chart.js';
import { useEffect, useRef } from 'react';

Chart.register(BarController, BarElement, CategoryScale, LinearScale, LineController, LineElement, PointElement);

interface Props {
  readonly labels: readonly string[];
  readonly values: readonly number[];
  readonly of: 'bars' | 'line';
  /** Top of the scale; absent = the largest value. */
  readonly most?: number;
}
const FONT = "'Fira Sans Extra Condensed'";
const INK = '#1b1916';
const RED = '#b3261e';

/** Values over the clock. What it says also stands in a table beside it, hence aria-hidden. */
export function TimeChart({ labels, values, of, most }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    const ticks = { color: INK, font: { family: FONT, size: 13 } };
    const options: ChartConfiguration['options'] = {
      animation: false,
      responsive: true,
      maintainAspectRatio: false,
      events: [],
      scales: {
        x: { grid: { display: false }, border: { color: INK }, ticks },
        y: {
          min: 0,
          ...(most === undefined ? {} : { max: most }),
          grid: { display: false },
          border: { display: false },
          ticks: { ...ticks, ...(most === undefined ? { maxTicksLimit: 4 } : { stepSize: 1 }) },
        },
      },
    };
    const data = { labels: [...labels] };
    const chart =
      of === 'bars'
        ? new Chart(canvas.current!, { type: 'bar', data: { ...data, datasets: [{ data: [...values], backgroundColor: RED }] }, options })
        : new Chart(canvas.current!, {
            type: 'line',
            data: { ...data, datasets: [{ data: [...values], borderColor: INK, borderWidth: 2, pointRadius: 0, stepped: false }] },
            options,
          });
    return () => chart.destroy();
  }, [labels, values, of, most]);
  return (
    <div aria-hidden className="relative h-28 w-full">
      <canvas ref={canvas} />
    </div>
  );
}
