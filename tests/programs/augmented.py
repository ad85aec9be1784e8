n = 10
n += 5
print(n)
n -= 3
print(n)
n *= 2
print(n)
n /= 4
print(n)
n //= 2
print(n)
n **= 3
print(n)
n %= 5
print(n)
s = "ab"
s += "c"
s *= 2
print(s)
b = [1]
b += [2]
print(b)
