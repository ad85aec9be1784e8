n = 0
def k():
    global n
    n += 1
    return "b"
m = {"a": 1, "b": 6}
m[k()] |= 8
m[k()] <<= 1
m[k()] &= 30
m[k()] >>= 1
m[k()] ^= 1
print(m, n)
m[k()] **= 2
m[k()] //= 3
m[k()] %= 7
print(m, n)
s = [{1}, {2}]
i = iter([0, 1])
s[next(i)] |= {5}
s[next(i)] -= {2}
print(s)
