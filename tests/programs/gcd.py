a = 84
b = 36
while b != 0:
    a, b = b, a % b
print("beds of", a)
