let x = 5, y = "5", z;
console.log(x == y, x === y, z === undefined, typeof z, z ?? "none", !z, x > 3 && "yes", x < 3 || "no");
console.log(1 + 2 + "3", "3" + 1 + 2, +"7", -"2", [] == 0, null ?? 1, undefined == null, NaN == NaN, 0 === -0, 1 / 3, 2 ** 0.5, 0.1 * 3, 1e21, 1e-7, 123456789012345680000);
x += 2; x -= 1; x *= 3; x /= 2; x %= 5; x **= 2; x++; --x;
console.log(x, x++, ++x, x-- - --x, Math.round(2.5), Math.round(-2.5), (2.345).toFixed(2), parseInt("12.9abc"), Number(true), Number(null), Number(undefined), String(null), Boolean("false"), Boolean(0));
console.log(5 & 3, 5 | 3, 5 ^ 3, ~5, 1 << 4, -16 >> 2, -1 >>> 28, 7 > 5 > 3, !!"a", void 0, (1, 2) === 2 ? "c" : "d");
