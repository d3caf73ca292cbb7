'use client';
import { BarController, BarElement, CategoryScale, Chart, LinearScale } from 'chart.js';
import { useEffect, useRef } from 'react';

Chart.register(BarController, BarElement, CategoryScale, LinearScale);

export interface Bar {
  readonly label: string;
  /** In [0, 1]. */
  readonly value: number;
  /** The words at the end of the bar. */
  readonly text: string;
  readonly color: string;
}

const FONT = "'Fira Sans Extra Condensed'";

/** Horizontal bars of chances, each labelled directly. What it says also stands in words beside it, hence aria-hidden. */
export function BarChart({ bars }: { bars: readonly Bar[] }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    const chart = new Chart(canvas.current!, {
      type: 'bar',
      data: {
        labels: bars.map((bar) => bar.label),
        datasets: [{ data: bars.map((bar) => bar.value), backgroundColor: bars.map((bar) => bar.color), barThickness: 10 }],
      },
      options: {
        indexAxis: 'y',
        animation: false,
        responsive: true,
        maintainAspectRatio: false,
        layout: { padding: { right: 90 } },
        events: [],
        scales: {
          x: { min: 0, max: Math.max(0.1, ...bars.map((bar) => bar.value)), display: false },
          y: { grid: { display: false }, border: { display: false }, ticks: { color: '#1b1916', font: { family: FONT, size: 15 } } },
        },
      },
      plugins: [
        {
          id: 'words',
          afterDatasetsDraw: (drawn) => {
            const { ctx } = drawn;
            ctx.font = `500 14px ${FONT}`;
            ctx.fillStyle = '#1b1916';
            ctx.textBaseline = 'middle';
            drawn.getDatasetMeta(0).data.forEach((element, i) => ctx.fillText(bars[i]!.text, element.x + 6, element.y));
          },
        },
      ],
    });
    return () => chart.destroy();
  }, [bars]);
  return (
    <div aria-hidden style={{ height: bars.length * 26 + 16 }} className="relative w-full">
      <canvas ref={canvas} />
    </div>
  );
}
