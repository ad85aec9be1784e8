def g(t):
    t += (1,)
    return t
print(g((0,)))
def h(l, t, s):
    l += [9]; s += "!"; t += (1,)
    return l, s, t
print(h([1], (0,), "s"))
def k(a, b):
    a += b
    return a
print(k(1, 2), k("a", "b"), k([1], [2]), k((1,), (2,)), k([1], (2,)))
t = (5,)
u = t
u += (6,)
print(t, u)
x = [1]
y = x
y += (2,)
print(x)
