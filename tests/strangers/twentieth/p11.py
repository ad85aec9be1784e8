def hanoi(n, a="A", b="B", c="C"):
    if n == 0:
        return 0
    moves = hanoi(n - 1, a, c, b)
    if n > 2:
        print(f"disk {n}: {a} -> {c}")
    return moves + 1 + hanoi(n - 1, b, a, c)

def permutations(items):
    if len(items) <= 1:
        yield items
        return
    for i in range(len(items)):
        for rest in permutations(items[:i] + items[i+1:]):
            yield [items[i]] + rest

def flatten(x):
    return [y for e in x for y in (flatten(e) if isinstance(e, list) else [e])]

memo = {}
def fib(n):
    if n not in memo:
        memo[n] = n if n < 2 else fib(n - 1) + fib(n - 2)
    return memo[n]

def power_set(s):
    if not s:
        return [[]]
    rest = power_set(s[1:])
    return rest + [[s[0]] + r for r in rest]

def ackermann(m, n):
    return n + 1 if m == 0 else ackermann(m - 1, 1) if n == 0 else ackermann(m - 1, ackermann(m, n - 1))

print(hanoi(4))
print(["".join(p) for p in permutations(list("abc"))])
print(flatten([1, [2, [3, [4]], 5], [], [[6]]]))
print([fib(i) for i in range(15)], fib(80))
print(power_set([1, 2, 3]))
print(ackermann(2, 3))
def collatz(n):
    steps = 0
    while n != 1:
        n = n // 2 if n % 2 == 0 else 3 * n + 1
        steps += 1
    return steps
best = max(range(1, 100), key=collatz)
print(best, collatz(best))
def to_base(n, b):
    return "0" if n == 0 else (to_base(n // b, b).lstrip("0") + "0123456789abcdef"[n % b])
print(to_base(255, 2), to_base(255, 16), int("ff", 16), bin(10), f"{10:b} {255:#x} {5:03d}")
