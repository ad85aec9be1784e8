# Exercises 4.1 - 4.9, number systems
def to_base(n, b):
    if n == 0:
        return '0'
    s = ''
    neg = n < 0
    n = abs(n)
    while n:
        n, r = divmod(n, b)
        s = '0123456789abcdef'[r] + s
    return ('-' if neg else '') + s

def from_base(s, b):
    v = 0
    for ch in s:
        v = v * b + int(ch, 16)
    return v

ROMAN = (('M', 1000), ('CM', 900), ('D', 500), ('CD', 400), ('C', 100), ('XC', 90), ('L', 50), ('XL', 40), ('X', 10), ('IX', 9), ('V', 5), ('IV', 4), ('I', 1))
def roman(n):
    out = []
    for sym, val in ROMAN:
        q, n = divmod(n, val)
        out.append(sym * q)
    return ''.join(out)

def unroman(s):
    vals = dict(ROMAN)
    total = 0
    prev = 0
    for ch in reversed(s):
        v = vals[ch]
        total += -v if v < prev else v
        prev = max(prev, v)
    return total

for n in (0, 5, 255, -77, 1024):
    print(n, to_base(n, 2), to_base(n, 16), bin(n), hex(n), oct(n), f'{n:b}', f'{n:#x}', f'{n:08b}')
print(from_base('ff', 16), int('1011', 2), int('0x1f', 16), int('-12'), 0b101, 0xFF, 0o17, 1_000_000)
assert all(unroman(roman(n)) == n for n in range(1, 4000))
print(roman(1994), unroman('MMXXVI'))
print(5 & 3, 5 | 3, 5 ^ 3, ~5, 1 << 10, 1024 >> 3, -7 // 2, -7 % 3, 7 // -2, divmod(-7, 2))
print(bin(37).count('1'), (37).bit_length(), ord('A'), chr(97), [ord(c) - 96 for c in 'bed'])
def gcd(a, b):
    return a if not b else gcd(b, a % b)
def primes(n):
    sieve = [True] * (n + 1)
    sieve[0:2] = [False, False]
    for i in range(2, int(n ** .5) + 1):
        if sieve[i]:
            sieve[i*i::i] = [False] * len(sieve[i*i::i])
    return [i for i, p in enumerate(sieve) if p]
def factor(n):
    f, p = {}, 2
    while p * p <= n:
        while n % p == 0:
            f[p] = f.get(p, 0) + 1
            n //= p
        p += 1
    if n > 1: f[n] = 1
    return f
print(gcd(84, 36), primes(40), factor(360), ' x '.join(f'{p}^{k}' if k > 1 else str(p) for p, k in factor(360).items()))
print(f'{3.14159:.2f} {1234567.891:,.1f} {0.256:.1%} {42:>6d} {42:<6}| {"mid":^9} {-5:+} {5:+} {1e10:.3e} {12345678:_}')
print('%5.1f|%-6s|%03d|%s|%x|%c|%%' % (2.345, 'ab', 7, [1], 255, 'z'))
print(round(2.5), round(3.5), round(-1.567, 2), int(-3.9), 10 ** -2, 2 ** 0.5, 7 / 2, 1e3, 1e16, 123456789012345678901234567890)
