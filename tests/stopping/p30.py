x = 10
y = 0
print("before")
print(x / y)
