// What the server has reckoned ahead: looks at their seconds, the words that go with them, and the seconds at which something turns.

export class Trace {
  /** @param names of the shares in a look, in their order */
  constructor(told, names) {
    this.names = names;
    this.looks = told.looks;
    this.words = told.words;
    this.turns = told.turns;
  }

  get from() {
    return this.looks[0][0];
  }

  get until() {
    return this.looks[this.looks.length - 1][0];
  }

  /** More of the same pot, where nothing was done meanwhile. */
  longer(told) {
    const rows = told.looks.filter(([at]) => at > this.until);
    this.words.push(...told.words.filter(([at]) => at > this.until));
    this.turns.push(...told.turns.filter((at) => at > this.until));
    this.looks.push(...rows);
  }

  /** Between two looks what is drawn goes over from the one into the other. */
  at(second) {
    let i = this.looks.findIndex(([at]) => at > second);
    if (i < 0) i = this.looks.length;
    const before = this.looks[Math.max(0, i - 1)];
    const after = this.looks[Math.min(this.looks.length - 1, i)];
    const share =
      after[0] > before[0] && before[1] === after[1] ? Math.max(0, Math.min(1, (second - before[0]) / (after[0] - before[0]))) : 0;
    const look = { phase: before[1], colour: before[2] };
    this.names.forEach((name, n) => {
      look[name] = before[3 + n] + (after[3 + n] - before[3 + n]) * share;
    });
    return look;
  }

  wordsAt(second) {
    return this.words.filter(([at]) => at <= second).at(-1) ?? this.words[0];
  }

  turnAfter(second) {
    return this.turns.find((at) => at > second) ?? Infinity;
  }
}
