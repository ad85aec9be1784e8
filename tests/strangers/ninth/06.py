def is_prime(n):
    if n < 2:
        return False
    i = 2
    while i * i <= n:
        if n % i == 0:
            return False
        i += 1
    return True
print([n for n in range(30) if is_prime(n)])
def gcd(a, b):
    while b:
        a, b = b, a % b
    return a
print(gcd(48, 36), 48 * 36 // gcd(48, 36))
n = 12345
s = 0
while n > 0:
    s += n % 10
    n //= 10
print(s, int(str(12345)[::-1]), bin(37)[2:], int("100101", 2), 0x1F, 1e3, 7 / 2, -7 // 2, 2 ** -1)
def hanoi(n, a="A", b="B", c="C"):
    if n == 0: return 0
    return hanoi(n - 1, a, c, b) + 1 + hanoi(n - 1, c, b, a)
print(hanoi(5))
