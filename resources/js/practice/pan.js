// The pan from above, as a cook sees it: drawn from one look alone. The same look gives the same picture; only bubbles and steam move.

const SIZE = 560;
const MIDDLE = { x: 250, y: 250 };
const R = 214;
const TAU = 2 * Math.PI;

// The same numbers each time: where a bubble or a lump is does not jump about between two pictures.
function scatter(many, salt) {
  let state = (salt * 2654435761) >>> 0 || 1;
  const next = () => {
    state ^= state << 13;
    state >>>= 0;
    state ^= state >>> 17;
    state ^= state << 5;
    state >>>= 0;
    return state / 4294967296;
  };
  return Array.from({ length: many }, () => ({ a: next() * TAU, r: Math.sqrt(next()), s: next(), t: next() }));
}

const BUBBLES = scatter(170, 3);
const FOAM = scatter(420, 7);
const LUMPS = scatter(70, 11);
const SPECKS = scatter(150, 13);
const CURDS = scatter(160, 17);
const CRUMBS = scatter(190, 19);
const FAT = scatter(46, 23);

function rgb(hex) {
  const n = parseInt(hex.slice(1), 16);
  return [n >> 16, (n >> 8) & 255, n & 255];
}

const mix = (a, b, t) => `rgb(${a.map((one, i) => Math.round(one + (b[i] - one) * t)).join(',')})`;
const DARK = [60, 30, 14];
const LIGHT = [255, 250, 236];

function disc(ctx, x, y, r, fill, stroke) {
  ctx.beginPath();
  ctx.arc(x, y, Math.max(0.4, r), 0, TAU);
  if (fill) {
    ctx.fillStyle = fill;
    ctx.fill();
  }
  if (stroke) {
    ctx.strokeStyle = stroke;
    ctx.lineWidth = 1.2;
    ctx.stroke();
  }
}

const at = (one, far = 0.96) => ({
  x: MIDDLE.x + Math.cos(one.a) * one.r * R * far,
  y: MIDDLE.y + Math.sin(one.a) * one.r * R * far,
});

function pan(ctx, colours) {
  ctx.fillStyle = colours.ink;
  ctx.fillRect(MIDDLE.x - 22, MIDDLE.y + R + 4, 44, 62);
  disc(ctx, MIDDLE.x, MIDDLE.y, R + 20, colours.ink);
  disc(ctx, MIDDLE.x, MIDDLE.y, R + 12, '#c9c4bb');
  const steel = ctx.createRadialGradient(MIDDLE.x, MIDDLE.y, 20, MIDDLE.x, MIDDLE.y, R);
  steel.addColorStop(0, '#bdb7ac');
  steel.addColorStop(1, '#a49d91');
  disc(ctx, MIDDLE.x, MIDDLE.y, R, steel);
}

function content(ctx, look) {
  if (look.phase === 'bare') return;
  const base = rgb(look.colour);
  if (look.phase === 'fat') {
    ctx.globalAlpha = 0.78;
    disc(ctx, MIDDLE.x, MIDDLE.y, R * 0.96, look.colour);
    ctx.globalAlpha = 1;
    return;
  }
  if (look.phase === 'paste') {
    paste(ctx, look, base);
    return;
  }
  const sauce = ctx.createRadialGradient(MIDDLE.x - 60, MIDDLE.y - 70, 20, MIDDLE.x, MIDDLE.y, R);
  sauce.addColorStop(0, mix(base, LIGHT, 0.22));
  sauce.addColorStop(0.8, look.colour);
  sauce.addColorStop(1, mix(base, DARK, 0.16));
  disc(ctx, MIDDLE.x, MIDDLE.y, R, sauce);
}

// A wet paste runs flat to the wall; a dry one stands in clumps and leaves the steel bare.
function paste(ctx, look, base) {
  const wet = look.wet;
  if (wet > 0.45) {
    const flat = ctx.createRadialGradient(MIDDLE.x, MIDDLE.y, 30, MIDDLE.x, MIDDLE.y, R);
    flat.addColorStop(0, mix(base, LIGHT, 0.12));
    flat.addColorStop(1, mix(base, DARK, 0.12 + 0.3 * look.edge));
    disc(ctx, MIDDLE.x, MIDDLE.y, R * (0.9 + 0.08 * wet), flat);
    // It shines where it runs.
    ctx.globalAlpha = 0.35 * wet;
    ctx.strokeStyle = '#fffdf4';
    ctx.lineWidth = 5;
    for (const turn of [0.3, 2.2, 4.1]) {
      ctx.beginPath();
      ctx.arc(MIDDLE.x, MIDDLE.y, R * 0.7, turn, turn + 0.8);
      ctx.stroke();
    }
    ctx.globalAlpha = 1;
    return;
  }
  const dry = 1 - wet;
  disc(ctx, MIDDLE.x, MIDDLE.y, R * (0.86 - 0.16 * dry), mix(base, DARK, 0.08));
  for (const one of CRUMBS) {
    const { x, y } = at(one, 0.93);
    disc(ctx, x, y, 6 + 17 * one.s, mix(base, one.t > 0.5 ? LIGHT : DARK, 0.1 + 0.12 * one.s), mix(base, DARK, 0.3));
  }
}

function foam(ctx, look) {
  const share = look.phase === 'sauce' ? look.foam * 0.8 : look.foam;
  const many = Math.round(FOAM.length * Math.min(1, share));
  for (const one of FOAM.slice(0, many)) {
    // A boil throws its foam to the wall, butter foams all over.
    const far = look.phase === 'sauce' ? { ...one, r: 0.72 + 0.27 * one.r } : one;
    const { x, y } = at(far);
    disc(ctx, x, y, 3 + 9 * one.s, `rgba(255,252,240,${0.55 + 0.35 * one.t})`, 'rgba(160,130,80,.35)');
  }
}

// Small and quick where it is watery, large, slow and few where it is thick; each swells, breaks and comes again.
function bubbles(ctx, look, clock) {
  if (look.pace <= 0) return;
  const base = rgb(look.colour);
  const many = Math.round(BUBBLES.length * Math.min(1, look.pace) * (1 - 0.72 * look.size));
  const every = 0.35 + 2.6 * look.size ** 1.5;
  for (const one of BUBBLES.slice(0, many)) {
    const life = (clock / every + one.t) % 1;
    const { x, y } = at(one, 0.94);
    const r = (3 + 6 * one.s) * (0.6 + 4.2 * look.size ** 2) * Math.sin(life * Math.PI);
    disc(ctx, x, y, r, mix(base, LIGHT, 0.35), mix(base, DARK, 0.28));
    if (look.size > 0.55 && life > 0.82) disc(ctx, x, y, r * 1.5, null, mix(base, DARK, 0.35));
  }
}

function lumps(ctx, look) {
  const base = rgb(look.colour);
  for (const one of LUMPS.slice(0, Math.round(LUMPS.length * Math.min(1, look.lumps * 1.6)))) {
    const { x, y } = at(one, 0.9);
    ctx.beginPath();
    ctx.ellipse(x, y, 6 + 13 * one.s, 5 + 8 * one.t, one.a, 0, TAU);
    ctx.fillStyle = mix(base, LIGHT, 0.62);
    ctx.fill();
    ctx.strokeStyle = mix(base, DARK, 0.42);
    ctx.lineWidth = 1.6;
    ctx.stroke();
  }
}

function specks(ctx, look) {
  const draw = (share, from, to) => {
    for (const one of SPECKS.slice(0, Math.round(SPECKS.length * share))) {
      const { x, y } = at({ ...one, r: from + (to - from) * one.r });
      disc(ctx, x, y, 2 + 4 * one.s, `rgba(58,26,8,${0.6 + 0.4 * one.t})`);
    }
  };
  draw(look.middle, 0, 0.86);
  // Where the spoon never goes they stand in an arc.
  if (look.edge > 0.03) {
    ctx.globalAlpha = Math.min(0.6, look.edge);
    ctx.strokeStyle = '#4a2410';
    ctx.lineWidth = 16;
    ctx.beginPath();
    ctx.arc(MIDDLE.x, MIDDLE.y, R - 9, 0.1, 0.1 + 5.6 * Math.min(1, 0.3 + look.edge));
    ctx.stroke();
    ctx.globalAlpha = 1;
    draw(look.edge, 0.88, 0.99);
  }
  if (look.caught > 0.02) {
    // What has caught comes off the floor in flakes.
    for (const one of SPECKS.slice(0, Math.round(110 * look.caught) + 4)) {
      const { x, y } = at(one, 0.9);
      ctx.beginPath();
      ctx.ellipse(x, y, 4 + 9 * one.s, 2 + 4 * one.t, one.a, 0, TAU);
      ctx.fillStyle = `rgba(67,32,12,${0.45 + 0.5 * one.t})`;
      ctx.fill();
    }
  }
}

function split(ctx, look) {
  if (look.split < 0.05) return;
  const base = rgb(look.colour);
  ctx.globalAlpha = 0.7 * Math.min(1, look.split);
  disc(ctx, MIDDLE.x, MIDDLE.y, R * 0.98, mix(base, [222, 190, 90], 0.55));
  ctx.globalAlpha = 1;
  for (const one of CURDS.slice(0, Math.round(CURDS.length * Math.min(1, look.split)))) {
    const { x, y } = at(one, 0.93);
    disc(ctx, x, y, 3 + 7 * one.s, mix(base, LIGHT, 0.7), mix(base, DARK, 0.22));
  }
}

function fat(ctx, look) {
  for (const one of FAT.slice(0, Math.round(FAT.length * look.fat))) {
    const { x, y } = at(one, 0.92);
    disc(ctx, x, y, 5 + 13 * one.s, 'rgba(228,176,60,.55)', 'rgba(150,100,20,.6)');
  }
}

function skin(ctx, look) {
  if (look.skin < 0.08) return;
  ctx.globalAlpha = 0.28 * look.skin;
  disc(ctx, MIDDLE.x, MIDDLE.y, R * 0.97, '#fffbe8');
  ctx.globalAlpha = Math.min(0.9, 0.25 + look.skin);
  ctx.strokeStyle = mix(rgb(look.colour), DARK, 0.38);
  ctx.lineWidth = 2.2;
  // It wrinkles where it is pulled in, across the whole pan.
  for (let i = 0; i < 9; i++) {
    const y = MIDDLE.y - R * 0.8 + (i * R * 1.6) / 8;
    const half = Math.sqrt(Math.max(0, (R * 0.94) ** 2 - (y - MIDDLE.y) ** 2));
    ctx.beginPath();
    for (let x = -half; x <= half; x += 6) {
      const wave = 6 * Math.sin(x / 17 + i * 2.1) + 3 * Math.sin(x / 7 + i);
      if (x === -half) ctx.moveTo(MIDDLE.x + x, y + wave);
      else ctx.lineTo(MIDDLE.x + x, y + wave);
    }
    ctx.stroke();
  }
  ctx.globalAlpha = 1;
}

// The spoon, and the way it leaves: the bottom is seen for as long as the sauce takes to close over it.
function spoon(ctx, look, clock, hand, colours) {
  if (look.phase === 'bare') return;
  const turn = hand.stirring && !hand.still ? clock * 1.6 : 0.9;
  const reach = hand.where === 'edge' ? 0.86 : hand.where === 'middle' ? 0.36 : 0.62 + 0.22 * Math.sin(clock * 0.7);
  const point = (back) => ({
    x: MIDDLE.x + Math.cos(turn - back) * R * reach,
    y: MIDDLE.y + Math.sin(turn - back) * R * reach,
  });
  if (hand.stirring && look.phase !== 'fat') {
    // The floor that it bares: steel, or what has caught there.
    const floor = look.caught > 0.08 ? `rgba(67,32,12,${0.4 + 0.5 * look.caught})` : 'rgba(164,157,145,.85)';
    ctx.strokeStyle =
      look.phase === 'paste' || look.caught > 0.08 ? floor : `rgba(164,157,145,${0.2 + 0.6 * Math.min(1, look.trail)})`;
    ctx.lineWidth = 26;
    ctx.lineCap = 'round';
    ctx.beginPath();
    const long = 0.25 + 1.5 * Math.min(1, look.trail);
    for (let back = 0.1; back <= long; back += 0.05) {
      const { x, y } = point(back);
      if (back === 0.1) ctx.moveTo(x, y);
      else ctx.lineTo(x, y);
    }
    ctx.stroke();
  }
  const { x, y } = point(0);
  ctx.strokeStyle = colours.ink;
  ctx.lineWidth = 19;
  ctx.lineCap = 'round';
  ctx.beginPath();
  ctx.moveTo(x + 14, y + 20);
  ctx.lineTo(x + 98, y + 152);
  ctx.stroke();
  ctx.strokeStyle = '#e8d9bd';
  ctx.lineWidth = 14;
  ctx.stroke();
  ctx.beginPath();
  ctx.ellipse(x, y, 27, 17, 0.2, 0, TAU);
  ctx.fillStyle = '#e8d9bd';
  ctx.fill();
  ctx.strokeStyle = colours.ink;
  ctx.lineWidth = 2.5;
  ctx.stroke();
}

function steam(ctx, look, clock) {
  if (look.steam < 0.12) return;
  ctx.lineWidth = 9;
  ctx.lineCap = 'round';
  for (let i = 0; i < Math.round(2 + 6 * look.steam); i++) {
    const rise = (clock * 0.18 + i * 0.37) % 1;
    ctx.strokeStyle = `rgba(255,255,255,${0.34 * look.steam * Math.sin(rise * Math.PI)})`;
    const x = MIDDLE.x - 140 + ((i * 83) % 280);
    const y = MIDDLE.y + 90 - 260 * rise;
    ctx.beginPath();
    ctx.moveTo(x, y);
    ctx.bezierCurveTo(x + 22, y - 26, x - 22, y - 52, x + 6, y - 82);
    ctx.stroke();
  }
}

// How high it stands on the wall, with its foam, cut through beside the pan.
function wall(ctx, look, colours) {
  const [x, top, high] = [526, 50, 400];
  ctx.strokeStyle = colours.ink;
  ctx.lineWidth = 4;
  ctx.beginPath();
  ctx.moveTo(x - 18, top);
  ctx.lineTo(x - 18, top + high);
  ctx.lineTo(x + 18, top + high);
  ctx.lineTo(x + 18, top);
  ctx.stroke();
  if (look.phase === 'bare') return;
  const level = Math.min(1, Math.max(0.012, look.level)) * high;
  ctx.fillStyle = look.colour;
  ctx.fillRect(x - 16, top + high - level - 2, 32, level);
  const head = Math.min(1.06, look.head) * high - level;
  if (head > 2) {
    ctx.fillStyle = mix(rgb(look.colour), LIGHT, 0.7);
    ctx.fillRect(x - 16, top + high - level - head - 2, 32, head);
    for (let i = 0; i < head / 7; i++) disc(ctx, x - 12 + ((i * 11) % 25), top + high - level - 4 - i * 7, 4, null, colours.soft);
  }
}

function over(ctx, look, colours) {
  if (look.head <= 1) return;
  for (let i = 0; i < 7; i++) {
    const turn = 0.5 + i * 0.82;
    ctx.strokeStyle = look.colour;
    ctx.lineWidth = 18 + (i % 3) * 9;
    ctx.lineCap = 'round';
    ctx.beginPath();
    ctx.moveTo(MIDDLE.x + Math.cos(turn) * (R - 6), MIDDLE.y + Math.sin(turn) * (R - 6));
    ctx.lineTo(MIDDLE.x + Math.cos(turn) * (R + 24 + 9 * (i % 3)), MIDDLE.y + Math.sin(turn) * (R + 24 + 9 * (i % 3)));
    ctx.stroke();
    disc(
      ctx,
      MIDDLE.x + Math.cos(turn) * (R + 30),
      MIDDLE.y + Math.sin(turn) * (R + 30),
      7,
      mix(rgb(look.colour), LIGHT, 0.6),
      colours.soft,
    );
  }
}

// What hangs on a spoon that was dipped, and whether a finger's line stays.
function dipped(ctx, look, colours) {
  const [x, y] = [84, 484];
  disc(ctx, x, y, 62, colours.sheet, colours.edge);
  ctx.beginPath();
  ctx.ellipse(x, y - 6, 30, 40, 0, 0, TAU);
  ctx.fillStyle = '#cfc9bf';
  ctx.fill();
  ctx.strokeStyle = colours.ink;
  ctx.lineWidth = 2.5;
  ctx.stroke();
  ctx.save();
  ctx.clip();
  ctx.globalAlpha = Math.min(1, 0.12 + 1.5 * look.film);
  ctx.fillStyle = look.colour;
  ctx.fillRect(x - 34, y - 50, 68, 92);
  ctx.globalAlpha = 1;
  if (look.film > 0.22) {
    // Where the finger went: the metal stays bare where the sauce does not run back.
    ctx.fillStyle = look.trail > 0.25 ? '#cfc9bf' : mix(rgb(look.colour), [207, 201, 191], 0.35);
    ctx.fillRect(x - 34, y - 12, 68, 9);
  }
  ctx.restore();
}

/** One picture of the pan. `hand` says what the spoon does; `clock` is in seconds of who looks. */
export function draw(canvas, look, clock, hand, colours) {
  const ctx = canvas.getContext('2d');
  const scale = canvas.width / SIZE;
  ctx.setTransform(scale, 0, 0, scale, 0, 0);
  ctx.clearRect(0, 0, SIZE, SIZE);
  pan(ctx, colours);
  content(ctx, look);
  split(ctx, look);
  specks(ctx, look);
  bubbles(ctx, look, clock);
  foam(ctx, look);
  lumps(ctx, look);
  fat(ctx, look);
  skin(ctx, look);
  over(ctx, look, colours);
  spoon(ctx, look, clock, hand, colours);
  steam(ctx, look, clock);
  wall(ctx, look, colours);
  if (hand.dipped && look.phase === 'sauce') dipped(ctx, look, colours);
}
