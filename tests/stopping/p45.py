x = input()
y = x + 5
print(y)
