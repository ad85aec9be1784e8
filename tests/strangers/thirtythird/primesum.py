def sieve(n):
    flags = [True] * (n + 1)
    flags[0:2] = [False, False]
    for i in range(2, int(n ** 0.5) + 1):
        if flags[i]:
            flags[i*i::i] = [False] * len(flags[i*i::i])
    return [i for i, f in enumerate(flags) if f]

def factors(n):
    p, out = 2, {}
    while p * p <= n:
        while not n % p:
            out[p] = out.get(p, 0) + 1
            n //= p
        p += 1 if p == 2 else 2
    if n > 1: out[n] = out.get(n, 0) + 1
    return out

def pretty(f): return ' x '.join(f'{p}^{e}' if e > 1 else f'{p}' for p, e in f.items())

ps = sieve(60); print(*ps, sep=' ')
print(sum(ps), ps[-1], len(ps))
for n in 12, 97, 360, 1001, 65536: print(f'{n:>6} = {pretty(factors(n))}')
twins = [(a, b) for a, b in zip(ps, ps[1:]) if b - a == 2]; print(twins)
gaps = {}
for a, b in zip(ps, ps[1:]): gaps.setdefault(b - a, []).append(a)
for g in sorted(gaps, reverse=True): print(g, gaps[g])
print(pow(3, 200, 1000007), 2**100, -7 // 2, -7 % 3, divmod(17, 5), abs(-3.5), round(2.5), round(-1.25, 1))
a, b = 1071, 462
while b: a, b = b, a % b
print('gcd', a)
perfect = [n for n in range(2, 500) if sum(d for d in range(1, n) if n % d == 0) == n]
print(perfect, all(p % 2 for p in ps[1:]), any(p > 59 for p in ps))
print(bin(37), hex(255), oct(8), int('1101', 2), int('ff', 16), f'{37:08b} {255:#x} {1e6:,.0f} {0.000012:.2e}')
digits = lambda n: [int(c) for c in str(n)]
print(next(n for n in range(10, 10**6) if sum(d**3 for d in digits(n)) == n))
