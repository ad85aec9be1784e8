def hanoi(n, a, b, c, moves):
    if n == 0:
        return 0
    left = hanoi(n - 1, a, c, b, moves)
    moves.append(f"{a}{c}")
    return left + 1 + hanoi(n - 1, b, a, c, moves)

def permutations(s):
    if len(s) <= 1:
        return [s]
    out = []
    for i, ch in enumerate(s):
        for rest in permutations(s[:i] + s[i + 1:]):
            out.append(ch + rest)
    return out

def flatten(x):
    if isinstance(x, list):
        return [y for e in x for y in flatten(e)]
    return [x]

def gcd(a, b): return a if b == 0 else gcd(b, a % b)

def to_base(n, base):
    digits = "0123456789ABCDEF"
    return (to_base(n // base, base) if n >= base else "") + digits[n % base]

def ackermann(m, n):
    if not m: return n + 1
    if not n: return ackermann(m - 1, 1)
    return ackermann(m - 1, ackermann(m, n - 1))

moves = []
print(hanoi(3, "A", "B", "C", moves), *moves)
print(permutations("abc"), len(permutations("abcde")))
print(flatten([1, [2, [3, [], [4, 5]], 6], [[7]]]))
print(gcd(1071, 462), to_base(2026, 2), to_base(2026, 16), to_base(0, 7), ackermann(2, 3))
memo = {0: 0, 1: 1}
def fib(n):
    if n not in memo:
        memo[n] = fib(n - 1) + fib(n - 2)
    return memo[n]
print(fib(90), sorted(memo)[-1], sum(fib(i) for i in range(11)))
def collatz(n, *, limit=1000):
    steps = 0
    while n != 1 and steps < limit:
        n = n // 2 if n % 2 == 0 else 3 * n + 1
        steps += 1
    return steps
print(collatz(27), collatz(27, limit=10), [collatz(i) for i in range(1, 10)])
