def is_palindrome(s):
    s = ''.join(c for c in s.lower() if c.isalnum())
    return s == s[::-1]
def gcd(a, b):
    while b: a, b = b, a % b
    return a
def lcm(a, b): return a * b // gcd(a, b)
def digits(n): return [int(d) for d in str(n)]
def is_armstrong(n):
    ds = digits(n)
    return n == sum(d ** len(ds) for d in ds)
def to_binary(n):
    if n < 2: return str(n)
    return to_binary(n // 2) + str(n % 2)
def perfect(limit):
    for n in range(2, limit):
        if sum(d for d in range(1, n) if n % d == 0) == n:
            yield n
print(is_palindrome("Never odd or even"), gcd(48, 18), lcm(4, 6))
print([n for n in range(100, 1000) if is_armstrong(n)])
print(to_binary(37), int("100101", 2), bin(37)[2:], f"{37:b}", 0b100101, oct(8), hex(255))
print(list(perfect(500)))
print(divmod(17, 5), pow(2, 10), pow(3, 4, 5), abs(-3.5), round(3.14159, 2), 7 // 2, -7 // 2, 7 % -3)
print(sum(range(1, 101)), sum(x for x in range(10) if x % 2), all(x > 0 for x in [1, 2]), any([]))
