# number puzzles
def is_prime(n):
    if n < 2: return False
    for d in range(2, int(n ** 0.5) + 1):
        if n % d == 0: return False
    return True

def digits(n): return [int(c) for c in str(n)]

def is_happy(n):
    seen = set()
    while n != 1 and n not in seen:
        seen.add(n)
        n = sum(d ** 2 for d in digits(n))
    return n == 1

def factors(n):
    result, d = [], 2
    while n > 1:
        while not n % d:
            result.append(d)
            n //= d
        d += 1
    return result

def to_roman(n):
    out = ""
    for value, letters in [(1000, "M"), (900, "CM"), (500, "D"), (400, "CD"), (100, "C"), (90, "XC"), (50, "L"), (40, "XL"), (10, "X"), (9, "IX"), (5, "V"), (4, "IV"), (1, "I")]:
        while n >= value:
            out += letters
            n -= value
    return out

print("primes", *[n for n in range(50) if is_prime(n)])
print("happy", *filter(is_happy, range(1, 50)), sep=" ", end=".\n")
for n in 360, 97, 1001:
    f = factors(n)
    print(n, "=", " x ".join(map(str, f)), "| distinct", sorted(set(f)), "| even" if n % 2 == 0 else "| odd")
print([to_roman(n) for n in (4, 9, 14, 1994, 2026)])
perfect = [n for n in range(2, 500) if sum(d for d in range(1, n) if n % d == 0) == n]
print(perfect)
pyth = [(a, b, c) for a in range(1, 20) for b in range(a, 20) for c in range(b, 20) if a*a + b*b == c*c]
print(len(pyth), pyth[-1])
print(f"{255:b} {255:o} {255:x} {255:#X} {3.14159:.3e} {0.256:.1%}")
a, b = 0, 1
while b < 10**20: a, b = b, a + b
print(a, len(str(a)), a % 97)
