import sys
import math

def solve(a, b, c):
    d = b * b - 4 * a * c
    if d < 0:
        return ()
    if d == 0:
        return (-b / (2 * a),)
    root = math.sqrt(d)
    return tuple(sorted(((-b - root) / (2 * a), (-b + root) / (2 * a))))

for coefficients in ((1, -3, 2), (1, 2, 1), (1, 0, 4), (2, 4, -30)):
    roots = solve(*coefficients)
    print(coefficients, "->", roots or "no real roots")
primes = [n for n in range(2, 60) if all(n % k for k in range(2, math.isqrt(n) + 1))]
print(primes, file=sys.stdout)
print("%-8s|%6.2f|%03d|%x|%e" % ("pi", math.pi, 7, 255, 12345.678))
print("{:>10}|{:<6}|{:^7}|{:+d}|{:,}|{:08.3f}|{:b}".format("right", "left", "mid", 5, 1234567, math.e, 10))
print(0.1 + 0.2, 1e16, 1e-5, 10 / 4, 7 // -2, -7 % 3, 2 ** 100, round(2.5), round(-3.5), round(2.675, 2))
print(int("ff", 16), bin(10)[2:], hex(255), oct(8), chr(97), ord("z"), float("1e3"), int(3.99), str(1.0))
print(bool([]), bool("0"), None is None, 3 < 5 < 4, not 0, 1 == 1.0, "a" < "b", [1, 2] < [1, 3], (2,) > (1, 9))
print("a,b,,c".split(","), " x  y ".split(), "abc".find("z"), "banana".replace("a", "o", 2), "x".join("abc"), "Ab".isalpha())
matrix = [[1, 2, 3], [4, 5, 6]]
print(list(zip(*matrix)), [sum(r) for r in matrix], [[x * y for y in range(1, 4)] for x in range(1, 4)])
