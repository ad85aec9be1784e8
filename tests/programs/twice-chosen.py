x = [i for i in range(10) if i % 2 == 0 if i > 2 if i < 8]
print(x)
