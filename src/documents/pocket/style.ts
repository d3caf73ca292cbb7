/** The look of the page in the pocket: system fonts, since nothing is fetched; light and dark by what the telephone wants. */
export const POCKET_STYLE = `
:root{--paper:#faf8f3;--ink:#1b1916;--soft:#5c564d;--hair:#cfc8ba;--red:#b3261e;--his:#2c5d70}
@media (prefers-color-scheme:dark){:root{--paper:#1b1916;--ink:#f3efe6;--soft:#b8b0a2;--hair:#4a443b;--red:#f08a7f;--his:#8fc3d8}}
*{box-sizing:border-box}
body{margin:0 auto;padding:0 16px 48px;max-width:640px;background:var(--paper);color:var(--ink);font:17px/1.45 system-ui,sans-serif;overflow-wrap:anywhere}
h1{font-size:22px;margin:16px 0 0}h2{font-size:26px;margin:20px 0 6px}h3{font-size:18px;margin:14px 0 4px;color:var(--his)}
p{margin:6px 0}ul{margin:4px 0;padding-left:20px}small,.note{font-size:15px;color:var(--soft)}
a{color:inherit}section{border-top:1px solid var(--hair)}
.care{border-left:3px solid var(--red);padding-left:8px}.open{color:var(--red)}
.climbing #reading{display:none}
button,input[type=search]{font:inherit;color:inherit;background:none;border:1px solid var(--hair)}
.row{display:block;width:100%;min-height:48px;margin:4px 0;padding:8px 12px;text-align:left;font-weight:600}
.his .row{color:var(--his);font-weight:400}
.way{display:flex;flex-wrap:wrap;gap:4px;margin-top:8px}.step{min-height:36px;padding:4px 8px;font-size:14px;border-width:0 0 3px;border-color:var(--red)}
.ticks{display:flex;align-items:center;gap:3px}.ticks .said{font-size:15px;color:var(--soft);margin-right:6px}
.ticks i{width:18px;height:5px;background:var(--hair)}.ticks i.on{background:var(--red)}
input[type=search]{width:100%;min-height:48px;padding:8px 12px}
summary{min-height:48px;padding:12px 0;font-weight:600}fieldset{border:0;padding:0;margin:0 0 8px}legend{font-size:15px;color:var(--soft)}
label{display:inline-flex;align-items:center;min-height:44px;gap:8px;margin-right:16px}input[type=checkbox]{width:22px;height:22px}
figure{margin:8px 0}img{display:block;width:100%;aspect-ratio:1;object-fit:contain;background:#fff}
:focus-visible{outline:3px solid var(--ink);outline-offset:2px}h2:focus{outline:none}
`.trim();
