import math
def is_prime(n):
    if n < 2:
        return False
    for d in range(2, math.isqrt(n) + 1):
        if n % d == 0:
            return False
    return True
def factors(n):
    out = []
    d = 2
    while n > 1:
        while n % d == 0:
            out.append(d)
            n //= d
        d += 1
    return out
primes = list(filter(is_prime, range(60)))
print(primes)
print(" x ".join(map(str, factors(360))))
print(f"{math.pi:.4f} {math.sqrt(2):.3f} {math.floor(-2.5)} {math.ceil(2.1)} {math.hypot(3, 4)}")
print(divmod(17, 5), 17 % -5, -17 // 5, round(2.5), round(3.14159, 2))
print(bin(10), hex(255), oct(8), int("ff", 16), int("101", 2))
print(sum(range(1, 101)), max([3, 9, 2]), min("garden"))
