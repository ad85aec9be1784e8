let out = [];
outer: for (let i = 0; i < 5; i++) {
  for (let j = 0; j < 3; j++) {
    switch (i * 10 + j) {
      case 1: continue outer;
      case 11: break;
      case 21: out.push('x'); break outer;
      case 0: out.push('z');
      default: out.push(i * 10 + j);
    }
  }
  out.push('e');
}
console.log(out.join());
loop: while (true) { switch (out.length) { case 3: break loop; default: out.pop(); continue loop; } }
console.log(out);
