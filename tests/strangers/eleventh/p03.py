import math

def is_prime(n: int) -> bool:
    if n < 2:
        return False
    for d in range(2, int(math.sqrt(n)) + 1):
        if n % d == 0:
            return False
    return True

def factors(n):
    result = []
    d = 2
    while n > 1:
        while not n % d:
            result.append(d)
            n //= d
        d += 1
    return result

def to_base(n, base):
    digits = "0123456789ABCDEF"
    if n == 0:
        return "0"
    s = ""
    while n:
        n, r = divmod(n, base)
        s = digits[r] + s
    return s

def roman(n):
    table = [(1000, "M"), (900, "CM"), (500, "D"), (400, "CD"), (100, "C"), (90, "XC"),
             (50, "L"), (40, "XL"), (10, "X"), (9, "IX"), (5, "V"), (4, "IV"), (1, "I")]
    out = ""
    for value, letters in table:
        while n >= value:
            out += letters
            n -= value
    return out

print([n for n in range(30) if is_prime(n)])
print(factors(360), factors(97))
for n in (0, 5, 255, 1024):
    print(f"{n:5d} {to_base(n, 2):>12} {to_base(n, 16):>5} {n:#x} {n:b} {n:o}")
print(roman(1994), roman(2023))
print(math.gcd(84, 36), math.lcm(4, 6), math.factorial(10), math.comb(5, 2))
print(round(math.pi, 4), math.floor(-2.5), math.ceil(-2.5), math.trunc(-2.5), -7 // 2, -7 % 3)
print("%.2f%% of %d" % (45.678, 10))
print("{:>8}|{:<8}|{:^8}|".format("a", "b", "c"))
print(f"{1234567.891:,.2f} {0.00012:e} {12:03d} {True} {None}")
