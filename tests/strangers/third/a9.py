stack = []
for token in "3 4 + 2 * 7 -".split():
    if token.isdigit():
        stack.append(int(token))
    else:
        b, a = stack.pop(), stack.pop()
        match token:
            case "+":
                stack.append(a + b)
            case "-":
                stack.append(a - b)
            case "*":
                stack.append(a * b)
            case _:
                print("?")
print(stack)
x = 5
print("big" if x > 3 else "small", not x, x is None, x is not None)
print(f"{x=}", f"{x:03d}", f"{x/3:.3f}", f"{'mid':^9}|", f"{1234567:,}")
n = 0
while (n := n + 1) < 4:
    print(n, end=" ")
print()
print(bin(10), hex(255), oct(8), ord("a"), chr(98), bool([]))
print("a,b,,c".split(","), " x ".strip(), "xxhixx".strip("x"), "one\ntwo".splitlines())
print(list(zip("abc", [1, 2, 3])), dict(zip("ab", [1, 2])))
print([list(r) for r in zip(*[[1, 2], [3, 4]])])
print(divmod(17, 5), round(2.567, 1), abs(-3), pow(2, 5), 7 & 3, 7 | 8, 5 ^ 1, 1 << 4, ~5)
print(sorted([3, 1, 2], reverse=True), list(reversed([1, 2, 3])), any([0, 1]), all([1, 1]))
