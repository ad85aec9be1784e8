xs = [2, 3]
t = (1, *xs)
u = 0
print(t, u, (*xs, 9), (*xs,))
print(*(1, *xs))
