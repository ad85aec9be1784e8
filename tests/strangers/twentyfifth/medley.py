def collatz(n: int) -> int:
    steps = 0
    while n != 1:
        n = n // 2 if n % 2 == 0 else 3 * n + 1
        steps += 1
    return steps

def primes(limit):
    sieve = [True] * (limit + 1)
    sieve[0:2] = [False, False]
    for i in range(2, int(limit ** 0.5) + 1):
        if sieve[i]:
            sieve[i*i::i] = [False] * len(sieve[i*i::i])
    return [i for i, p in enumerate(sieve) if p]

def to_roman(n):
    out = ''
    for value, sign in ((1000, 'M'), (900, 'CM'), (500, 'D'), (400, 'CD'), (100, 'C'), (90, 'XC'), (50, 'L'), (40, 'XL'), (10, 'X'), (9, 'IX'), (5, 'V'), (4, 'IV'), (1, 'I')):
        while n >= value: out += sign; n -= value
    return out

def hanoi(n, a='A', b='B', c='C', moves=None):
    if moves is None: moves = []
    if n:
        hanoi(n - 1, a, c, b, moves)
        moves.append(a + c)
        hanoi(n - 1, b, a, c, moves)
    return moves

def pascal(n):
    row = [1]
    for _ in range(n):
        yield row
        row = [x + y for x, y in zip([0] + row, row + [0])]

def flatten(x):
    return [z for y in x for z in flatten(y)] if isinstance(x, (list, tuple)) else [x]

print(max(range(1, 30), key=collatz), collatz(27))
print(primes(50), len(primes(1000)))
print([to_roman(n) for n in (4, 9, 14, 1994, 2031)])
m = hanoi(4); print(len(m), m[:5], ' '.join(m[-3:]))
for r in pascal(6): print(' '.join(map(str, r)).center(20).rstrip())
print(flatten([1, [2, (3, [4, []]), 'five'], [[6]]]))
text = 'the quick brown fox'
print({w: len(w) for w in text.split()}, {c for c in 'hello' if c in 'aeiou'} == {'e', 'o'})
nested = {'a': {'b': {'c': 1}}, 'd': [1, {'e': 2}]}
def walk(o, path=()):
    if isinstance(o, dict):
        for k, v in o.items(): yield from walk(v, path + (k,))
    elif isinstance(o, list):
        for i, v in enumerate(o): yield from walk(v, path + (str(i),))
    else: yield '.'.join(path), o
print(list(walk(nested)))
x = y = [1, 2]; y += [3]; z = x[:]; z.append(4); print(x, y is x, z, x == y)
a, (b, *c), d = 1, (2, 3, 4), 5; print(a, b, c, d)
print(f"{a=} {b + d = }", 1 < a + 1 < 3, not a == 1, a if a > 5 else 'small', [] or 'empty', 0 and 1)
for i in range(3):
    for j in range(3):
        if i * j == 2: break
    else: continue
    print('broke at', i, j); break
try: int('x1')
except (ValueError, TypeError) as e: print(e)
try: [1][3]
except IndexError as e: print(e)
try: {}['k']
except KeyError as e: print(e, repr(e))
try: 'a' + 1
except TypeError as e: print(e)
del x[0]; print(x, y); print(sorted([3, 1, 2], reverse=True), list(reversed('abc')), sum([[1], [2]], []), min('b', 'a'), abs(-3), round(2.5), round(3.14159, 2), bool('False'), int(3.9), int('101', 2), str(1.0), float('1e3'))
