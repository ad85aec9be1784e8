list = [1, 2]
print(list)
x = list("ab")
print(x)
